import type { JobKind } from "../../schema/job/job"
import type { Assembly } from "../../schema/job/build-up"
import type { Way } from "./ways"
import { RIBS, level, sketch, stack, timber } from "./layers"

/** What decides a floor, and when it fits. */
export interface OnFloor {
  name: string
  way: Way
  fits: string
}

/** A way of building that good practitioners follow, as a ready set of build-ups. */
export interface School {
  id: string
  name: string
  /** When it fits. */
  fits: string
  /** What decides its walls and roof, and its floor. */
  way: Way
  onFloor: OnFloor
  wall: Assembly
  roof: Assembly
  floor: Assembly
}

const BOARDS_IN_VAN: OnFloor = {
  name: "Foam boards that carry the floor",
  way: "carried",
  fits: "Boards right through under the plywood: light, and nothing bridges them; the foam must bear feet, seats and cabinets for years.",
}

const JOISTS_IN_CABIN: OnFloor = {
  name: "Foam between joists",
  way: "joists",
  fits: "Joists carry, the filling lies between them: cheap and easy to screw to; each joist is a thin spot.",
}

const BOARDS_IN_COLD_ROOM: OnFloor = {
  name: "Foam under plywood",
  way: "carried",
  fits: "Boards under plywood and a tough sheet: quick, and it comes out again; heavy trolleys need a screed.",
}

const JOISTS_IN_SHED: OnFloor = {
  name: "Wool between joists",
  way: "joists",
  fits: "Wool between joists over a wind-tight board: quiet and cheap; it must stay dry from below and closed to mice.",
}

const UNDER_SLAB: OnFloor = {
  name: "Foam under the slab",
  way: "slab-full",
  fits: "Boards under the whole slab, laid before it is poured: warm to the feet, and the slab stores heat.",
}

const VAN_FLOOR = sketch("Floor", stack`steel-painted 0.8 there, xps 30, birch-plywood 12, vinyl-floor 2`)

const van = (id: string, name: string, fits: string, way: Way, inside: Parameters<typeof sketch>[1]): School => ({
  id,
  name,
  fits,
  way,
  onFloor: BOARDS_IN_VAN,
  wall: sketch("Walls and doors", stack`steel-painted 0.8 there, ${inside}`),
  roof: sketch("Roof", stack`steel-painted 0.8 there, ${inside}`),
  floor: VAN_FLOOR,
})

const VAN: School[] = [
  van(
    "boards",
    "Foam boards between the ribs",
    "Most R in little depth; boards and gaps must be sealed against the skin.",
    "boards",
    stack`polyiso 25 between ${RIBS}, birch-plywood 6.5`,
  ),
  van(
    "sprayed",
    "Sprayed closed-cell foam",
    "Sticks to the skin and leaves no cold air behind it; cannot be undone.",
    "closed-cell",
    stack`spray-closed 40 between ${RIBS}, birch-plywood 6.5`,
  ),
  van(
    "fibre",
    "Fibre with a tight membrane",
    "Quiet, cheap and light; the membrane must be airtight or the skin rains inside.",
    "closed",
    stack`hemp-batt 45 between ${RIBS} voids 1, foil-membrane 0.3, birch-plywood 6.5`,
  ),
]

const CABIN: School[] = [
  {
    id: "boards",
    name: "Foam boards in a timber frame",
    fits: "Light, thin and little bothered by damp; the frame is where the heat goes.",
    way: "boards",
    onFloor: JOISTS_IN_CABIN,
    wall: sketch("Walls", stack`aluminium 1, xps 40 between ${timber("Studs", 0.038, 0.4)}, birch-plywood 4`),
    roof: sketch("Roof", stack`aluminium 1, xps 40 between ${timber("Rafters", 0.038, 0.4)}, birch-plywood 4`),
    floor: sketch("Floor", stack`softwood-plywood 9, xps 50 between ${timber("Joists", 0.045, 0.4)}, birch-plywood 12`),
  },
  {
    id: "open",
    name: "Vapour-open timber and wool",
    fits: "Dries to both sides behind an aired cladding; thicker for the same R.",
    way: "open",
    onFloor: {
      name: "Wool between joists",
      way: "joists",
      fits: "As the rest of it: open to vapour and quiet; it must stay dry from below and closed to mice.",
    },
    wall: sketch(
      "Walls, behind vented cladding",
      stack`wood-fibre-board 22, sheep-wool 60 between ${timber("Studs", 0.045, 0.4)}, birch-plywood 6`,
    ),
    roof: sketch(
      "Roof, under vented roofing",
      stack`wood-fibre-board 22, sheep-wool 80 between ${timber("Rafters", 0.045, 0.4)}, smart-membrane 0.3, birch-plywood 6`,
    ),
    floor: sketch("Floor", stack`softwood-plywood 9, sheep-wool 80 between ${timber("Joists", 0.045, 0.4)}, birch-plywood 12`),
  },
]

const coldRoom = (id: string, name: string, fits: string, foam: string, thickness: number): School => ({
  id,
  name,
  fits,
  way: "boards",
  onFloor: BOARDS_IN_COLD_ROOM,
  wall: sketch("Walls", stack`steel-painted 0.5, ${foam} ${thickness}, steel-painted 0.5`, 0.3),
  roof: sketch("Ceiling", stack`steel-painted 0.5, ${foam} ${thickness}, steel-painted 0.5`, 0.3),
  floor: sketch("Floor", stack`polythene 0.2, xps 100, birch-plywood 18, grp-sheet 2`),
})

const COLD_ROOM: School[] = [
  coldRoom("pir", "PIR between steel skins", "The outer skin is the tight layer; joints taped from outside.", "pir-board", 80),
  coldRoom("xps", "XPS between steel skins", "Bears wetting and load, thicker for the same R.", "xps", 100),
]

const SHED: School[] = [
  {
    id: "smart",
    name: "Stud frame, wool and a smart membrane",
    fits: "Forgiving: it is tight in winter and opens to dry in summer.",
    way: "smart",
    onFloor: JOISTS_IN_SHED,
    wall: sketch(
      "Walls, behind vented cladding",
      stack`wood-fibre-board 35, glass-wool 90 between ${timber("Studs", 0.045, 0.6)}, smart-membrane 0.3, birch-plywood 9`,
    ),
    roof: sketch(
      "Roof, under vented roofing",
      stack`wood-fibre-board 35, glass-wool 140 between ${timber("Rafters", 0.045, 0.6)}, smart-membrane 0.3, birch-plywood 9`,
    ),
    floor: sketch(
      "Floor",
      stack`wood-fibre-board 22, glass-wool 100 between ${timber("Joists", 0.045, 0.4)}, smart-membrane 0.3, birch-plywood 18`,
    ),
  },
  {
    id: "outside",
    name: "All insulation outside an airtight layer",
    fits: "The frame stays warm and dry and can be seen from inside; the cladding stands further out.",
    way: "outside",
    onFloor: JOISTS_IN_SHED,
    wall: sketch("Walls, behind vented cladding", stack`breather-membrane 0.5, stone-wool-board 100, bitumen-sheet 2, osb 15`),
    roof: sketch("Roof, under vented roofing", stack`breather-membrane 0.5, stone-wool-board 120, bitumen-sheet 3, softwood-plywood 18`),
    floor: sketch(
      "Floor",
      stack`wood-fibre-board 22, glass-wool 100 between ${timber("Joists", 0.045, 0.4)}, smart-membrane 0.3, birch-plywood 18`,
    ),
  },
]

const SLAB = sketch("Slab", stack`xps 50, polythene 0.2, concrete 125 there`)

const POSTS = timber("Posts", 0.14, 2.4, { plates: { low: 0, high: 1 } })

const POST_FRAME: School[] = [
  {
    id: "wool",
    name: "Wool between posts and a tight membrane",
    fits: "Cheap depth between the girts; the membrane must run unbroken from footing to ridge.",
    way: "closed",
    onFloor: UNDER_SLAB,
    wall: sketch(
      "Walls, behind vented steel",
      stack`breather-membrane 0.5, glass-wool 38 between ${level("Girts", 0.089, 0.6)}, glass-wool 140 between ${POSTS}, polythene 0.2,
        osb 12`,
    ),
    roof: sketch(
      "Roof, under vented steel",
      stack`breather-membrane 0.5, glass-wool 38 between ${level("Purlins", 0.089, 0.6)},
        glass-wool 180 between ${timber("Trusses", 0.038, 1.2)}, polythene 0.2, osb 12`,
    ),
    floor: SLAB,
  },
  {
    id: "boards",
    name: "Foam boards across the girts",
    fits: "One unbroken layer over the frame; needs a cover inside.",
    way: "boards",
    onFloor: UNDER_SLAB,
    wall: sketch("Walls", stack`steel-painted 0.5 there, polyiso 60, gypsum-board 12.5`),
    roof: sketch("Roof", stack`steel-painted 0.5 there, polyiso 80, gypsum-board 12.5`),
    floor: SLAB,
  },
]

/** Ready build-ups by kind of enclosure; the first is the usual start. */
export const SCHOOLS: Readonly<Record<JobKind, readonly School[]>> = {
  van: VAN,
  cabin: CABIN,
  "cold-room": COLD_ROOM,
  shed: SHED,
  "post-frame": POST_FRAME,
}
