import type { JobKind } from "../../schema/job/job"
import type { Assembly } from "../../schema/job/build-up"
import type { Way } from "./ways"
import { RIBS, layer, level, sketch, timber } from "./layers"

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

const there = { existing: true }

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

const VAN_FLOOR = sketch("Floor", [
  layer("steel-painted", 0.0008, there),
  layer("xps", 0.03),
  layer("birch-plywood", 0.012),
  layer("vinyl-floor", 0.002),
])

const van = (id: string, name: string, fits: string, way: Way, inside: Parameters<typeof sketch>[1]): School => ({
  id,
  name,
  fits,
  way,
  onFloor: BOARDS_IN_VAN,
  wall: sketch("Walls and doors", [layer("steel-painted", 0.0008, there), ...inside]),
  roof: sketch("Roof", [layer("steel-painted", 0.0008, there), ...inside]),
  floor: VAN_FLOOR,
})

const VAN: School[] = [
  van("boards", "Foam boards between the ribs", "Most R in little depth; boards and gaps must be sealed against the skin.", "boards", [
    layer("polyiso", 0.025, { between: RIBS }),
    layer("birch-plywood", 0.0065),
  ]),
  van("sprayed", "Sprayed closed-cell foam", "Sticks to the skin and leaves no cold air behind it; cannot be undone.", "closed-cell", [
    layer("spray-closed", 0.04, { between: RIBS }),
    layer("birch-plywood", 0.0065),
  ]),
  van("fibre", "Fibre with a tight membrane", "Quiet, cheap and light; the membrane must be airtight or the skin rains inside.", "closed", [
    layer("hemp-batt", 0.045, { between: RIBS, voids: 1 }),
    layer("foil-membrane", 0.0003),
    layer("birch-plywood", 0.0065),
  ]),
]

const CABIN: School[] = [
  {
    id: "boards",
    name: "Foam boards in a timber frame",
    fits: "Light, thin and little bothered by damp; the frame is where the heat goes.",
    way: "boards",
    onFloor: JOISTS_IN_CABIN,
    wall: sketch("Walls", [
      layer("aluminium", 0.001),
      layer("xps", 0.04, { between: timber("Studs", 0.038, 0.4) }),
      layer("birch-plywood", 0.004),
    ]),
    roof: sketch("Roof", [
      layer("aluminium", 0.001),
      layer("xps", 0.04, { between: timber("Rafters", 0.038, 0.4) }),
      layer("birch-plywood", 0.004),
    ]),
    floor: sketch("Floor", [
      layer("softwood-plywood", 0.009),
      layer("xps", 0.05, { between: timber("Joists", 0.045, 0.4) }),
      layer("birch-plywood", 0.012),
    ]),
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
    wall: sketch("Walls, behind vented cladding", [
      layer("wood-fibre-board", 0.022),
      layer("sheep-wool", 0.06, { between: timber("Studs", 0.045, 0.4) }),
      layer("birch-plywood", 0.006),
    ]),
    roof: sketch("Roof, under vented roofing", [
      layer("wood-fibre-board", 0.022),
      layer("sheep-wool", 0.08, { between: timber("Rafters", 0.045, 0.4) }),
      layer("smart-membrane", 0.0003),
      layer("birch-plywood", 0.006),
    ]),
    floor: sketch("Floor", [
      layer("softwood-plywood", 0.009),
      layer("sheep-wool", 0.08, { between: timber("Joists", 0.045, 0.4) }),
      layer("birch-plywood", 0.012),
    ]),
  },
]

const coldRoom = (id: string, name: string, fits: string, foam: string, thickness: number): School => ({
  id,
  name,
  fits,
  way: "boards",
  onFloor: BOARDS_IN_COLD_ROOM,
  wall: sketch("Walls", [layer("steel-painted", 0.0005), [foam, thickness], layer("steel-painted", 0.0005)], 0.3),
  roof: sketch("Ceiling", [layer("steel-painted", 0.0005), [foam, thickness], layer("steel-painted", 0.0005)], 0.3),
  floor: sketch("Floor", [layer("polythene", 0.0002), layer("xps", 0.1), layer("birch-plywood", 0.018), layer("grp-sheet", 0.002)]),
})

const COLD_ROOM: School[] = [
  coldRoom("pir", "PIR between steel skins", "The outer skin is the tight layer; joints taped from outside.", "pir-board", 0.08),
  coldRoom("xps", "XPS between steel skins", "Bears wetting and load, thicker for the same R.", "xps", 0.1),
]

const SHED: School[] = [
  {
    id: "smart",
    name: "Stud frame, wool and a smart membrane",
    fits: "Forgiving: it is tight in winter and opens to dry in summer.",
    way: "smart",
    onFloor: JOISTS_IN_SHED,
    wall: sketch("Walls, behind vented cladding", [
      layer("wood-fibre-board", 0.035),
      layer("glass-wool", 0.09, { between: timber("Studs", 0.045, 0.6) }),
      layer("smart-membrane", 0.0003),
      layer("birch-plywood", 0.009),
    ]),
    roof: sketch("Roof, under vented roofing", [
      layer("wood-fibre-board", 0.035),
      layer("glass-wool", 0.14, { between: timber("Rafters", 0.045, 0.6) }),
      layer("smart-membrane", 0.0003),
      layer("birch-plywood", 0.009),
    ]),
    floor: sketch("Floor", [
      layer("wood-fibre-board", 0.022),
      layer("glass-wool", 0.1, { between: timber("Joists", 0.045, 0.4) }),
      layer("smart-membrane", 0.0003),
      layer("birch-plywood", 0.018),
    ]),
  },
  {
    id: "outside",
    name: "All insulation outside an airtight layer",
    fits: "The frame stays warm and dry and can be seen from inside; the cladding stands further out.",
    way: "outside",
    onFloor: JOISTS_IN_SHED,
    wall: sketch("Walls, behind vented cladding", [
      layer("breather-membrane", 0.0005),
      layer("stone-wool-board", 0.1),
      layer("bitumen-sheet", 0.002),
      layer("osb", 0.015),
    ]),
    roof: sketch("Roof, under vented roofing", [
      layer("breather-membrane", 0.0005),
      layer("stone-wool-board", 0.12),
      layer("bitumen-sheet", 0.003),
      layer("softwood-plywood", 0.018),
    ]),
    floor: sketch("Floor", [
      layer("wood-fibre-board", 0.022),
      layer("glass-wool", 0.1, { between: timber("Joists", 0.045, 0.4) }),
      layer("smart-membrane", 0.0003),
      layer("birch-plywood", 0.018),
    ]),
  },
]

const SLAB = sketch("Slab", [layer("xps", 0.05), layer("polythene", 0.0002), layer("concrete", 0.125, there)])

const POSTS = timber("Posts", 0.14, 2.4, { plates: { low: 0, high: 1 } })

const POST_FRAME: School[] = [
  {
    id: "wool",
    name: "Wool between posts and a tight membrane",
    fits: "Cheap depth between the girts; the membrane must run unbroken from footing to ridge.",
    way: "closed",
    onFloor: UNDER_SLAB,
    wall: sketch("Walls, behind vented steel", [
      layer("breather-membrane", 0.0005),
      layer("glass-wool", 0.038, { between: level("Girts", 0.089, 0.6) }),
      layer("glass-wool", 0.14, { between: POSTS }),
      layer("polythene", 0.0002),
      layer("osb", 0.012),
    ]),
    roof: sketch("Roof, under vented steel", [
      layer("breather-membrane", 0.0005),
      layer("glass-wool", 0.038, { between: level("Purlins", 0.089, 0.6) }),
      layer("glass-wool", 0.18, { between: timber("Trusses", 0.038, 1.2) }),
      layer("polythene", 0.0002),
      layer("osb", 0.012),
    ]),
    floor: SLAB,
  },
  {
    id: "boards",
    name: "Foam boards across the girts",
    fits: "One unbroken layer over the frame; needs a cover inside.",
    way: "boards",
    onFloor: UNDER_SLAB,
    wall: sketch("Walls", [layer("steel-painted", 0.0005, there), layer("polyiso", 0.06), layer("gypsum-board", 0.0125)]),
    roof: sketch("Roof", [layer("steel-painted", 0.0005, there), layer("polyiso", 0.08), layer("gypsum-board", 0.0125)]),
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
