import type { Assembly } from "../../schema/job/build-up"
import type { JobKind } from "../../schema/job/job"
import type { FaceId } from "../../schema/job/shell"
import { type LayerSketch, level, RIBS, sketch, timber } from "./layers"
import { SCHOOLS } from "./schools"

/** Part of an enclosure that a build-up is made for. */
export type Part = "wall" | "roof" | "floor"

export const partOf = (face: FaceId): Part => (face === "floor" ? "floor" : face.startsWith("roof") ? "roof" : "wall")

/** A build-up ready to be worn, after one of the ways of building that good practitioners follow. */
export interface ReadyBuildUp {
  id: string
  school: string
  /** With the school's reason. */
  assembly: Assembly
}

const ready = (school: string, reason: string, layers: readonly LayerSketch[], absorptance: number | null = null): ReadyBuildUp => ({
  id: school.toLowerCase().replace(/[^a-z]+/g, "-"),
  school,
  assembly: sketch(school, layers, absorptance, reason),
})

const CLOSED = "Tight membrane on the warm side"
const SMART = "Smart membrane"
const OUTSIDE = "All insulation outside an airtight layer"
const OPEN = "Vapour-open all through"
const OPEN_CELL = "Open-cell foam, thicker"
const CLOSED_CELL = "Closed-cell foam, thinner"
const VENTED = "Vented roof"
const UNVENTED = "Unvented roof"

const there = { existing: true }
/** Openings along eaves and ridge, or foot and head: well vented. */
const vents = { vents: 0.02 }

const VAN_SKIN: LayerSketch = ["steel-painted", 0.0008, there]
const PLY: LayerSketch = ["birch-plywood", 0.0065]

const inVan = (fibre: number): ReadyBuildUp[] => [
  ready(
    OPEN_CELL,
    "Fills every hollow, quiets the sheet and costs little; open to vapour, so it needs a tight membrane, and more depth for the same R.",
    [VAN_SKIN, ["spray-open", 0.05, { between: RIBS }], ["foil-membrane", 0.0003], PLY],
  ),
  ready(
    SMART,
    "Lets the cavity dry inward in summer; the steel outside is tight, so it must be airtight before deep cold. Fibre in a vehicle: allowed with that warning.",
    [VAN_SKIN, ["wood-fibre-batt", fibre, { between: RIBS }], ["smart-membrane", 0.0003], PLY],
  ),
  ready(OPEN, "Nothing stops vapour before the cold skin: for mild weather and airy use only. The damp figure says when it does not fit.", [
    VAN_SKIN,
    ["sheep-wool", fibre, { between: RIBS }],
    PLY,
  ]),
  ready(
    "Rubber foam stuck to the skin",
    "Bends round curves and closes itself to vapour; only as good as its glue, and covers the ribs if it is carried over them.",
    [VAN_SKIN, ["elastomeric-foam", 0.032, { between: RIBS }], ["elastomeric-foam", 0.006], PLY],
  ),
]

const VAN: Record<Part, ReadyBuildUp[]> = {
  wall: inVan(0.04),
  roof: inVan(0.04),
  floor: [
    ready(
      "Timber nailers carry the floor",
      "Screws bite, seats bolt down, foam need not carry; each nailer is a thin spot in the insulation.",
      [
        VAN_SKIN,
        ["xps", 0.03, { between: level("Nailers", 0.045, 0.5, { material: "softwood-plywood" }) }],
        ["birch-plywood", 0.012],
        ["vinyl-floor", 0.002],
      ],
    ),
    ready("Aluminium joists carry the floor", "Light and strong over a long span; metal conducts, so a break lies over them.", [
      VAN_SKIN,
      ["xps", 0.03, { between: level("Aluminium joists", 0.04, 0.5, { material: "aluminium", shape: "tube", wall: 0.002 }) }],
      ["xps", 0.02],
      ["birch-plywood", 0.012],
      ["vinyl-floor", 0.002],
    ]),
  ],
}

const CABIN_SKIN: LayerSketch = ["aluminium", 0.001]
const studs = timber("Studs", 0.038, 0.4)
const rafters = timber("Rafters", 0.038, 0.4)

const inCabin = (between: typeof studs, fibre: number): ReadyBuildUp[] => [
  ready(CLOSED, "The usual frame: cheap and light; one hole in the membrane and the skin rains inside.", [
    CABIN_SKIN,
    ["glass-wool", fibre, { between }],
    ["foil-membrane", 0.0003],
    ["birch-plywood", 0.004],
  ]),
  ready(SMART, "As the tight membrane, but it opens in a damp summer and lets the frame dry inward.", [
    CABIN_SKIN,
    ["wood-fibre-batt", fibre, { between }],
    ["smart-membrane", 0.0003],
    ["birch-plywood", 0.004],
  ]),
  ready(OUTSIDE, "The frame stays warm and can be seen; foam lies unbroken outside of it, and the cabin grows outward.", [
    CABIN_SKIN,
    ["xps", 0.05],
    ["foil-membrane", 0.0003],
    ["birch-plywood", 0.009],
  ]),
  ready(CLOSED_CELL, "Most R in little depth, and it stiffens the frame; it cannot be undone.", [
    CABIN_SKIN,
    ["spray-closed", 0.04, { between }],
    ["birch-plywood", 0.004],
  ]),
  ready(OPEN_CELL, "The same R in more depth for less money; open to vapour, so it needs the membrane.", [
    CABIN_SKIN,
    ["spray-open", 0.075, { between }],
    ["foil-membrane", 0.0003],
    ["birch-plywood", 0.004],
  ]),
]

const CABIN: Record<Part, ReadyBuildUp[]> = {
  wall: inCabin(studs, 0.045),
  roof: inCabin(rafters, 0.06),
  floor: [
    ready("Foam under the joists", "Unbroken below the frame and out of the way; it must bear spray and stones, so it is faced.", [
      ["aluminium", 0.001],
      ["xps", 0.05],
      ["softwood-plywood", 0.015],
      ["vinyl-floor", 0.002],
    ]),
    ready("Foam that carries the floor", "No joists at all: boards between two sheets; the foam must bear feet and stove for years.", [
      ["softwood-plywood", 0.009],
      ["xps-heavy", 0.06],
      ["birch-plywood", 0.012],
    ]),
  ],
}

const CHAMBER: LayerSketch = ["grp-sheet", 0.002]
const frame = timber("Studs", 0.045, 0.6)

const inColdRoom: ReadyBuildUp[] = [
  ready(CLOSED_CELL, "Sprayed into a timber frame from inside; the tight layer lies on the outside, which is the warm side here.", [
    ["osb", 0.012],
    ["foil-membrane", 0.0003],
    ["spray-closed", 0.1, { between: frame }],
    CHAMBER,
  ]),
  ready(OUTSIDE, "Two layers of board outside the frame with joints staggered, foil outermost and taped; nothing crosses them.", [
    ["foil-membrane", 0.0003],
    ["polyiso", 0.05],
    ["polyiso", 0.05],
    ["birch-plywood", 0.012],
    CHAMBER,
  ]),
  ready(
    "Fibre behind a tight outer layer",
    "Cheap where the outer layer is perfect; one leak and the fibre wets where nobody sees it. Allowed with that warning.",
    [
      ["osb", 0.012],
      ["foil-membrane", 0.0003],
      ["stone-wool", 0.12, { between: frame }],
      ["birch-plywood", 0.009],
    ],
  ),
  ready(OPEN, "Vapour goes inward all summer and meets the cold lining: it seldom fits a cold room, and the damp figure says so.", [
    ["osb", 0.012],
    ["wood-fibre-batt", 0.12, { between: frame }],
    ["birch-plywood", 0.009],
  ]),
  ready(
    SMART,
    "A smart membrane belongs to rooms that are warm in winter; on the outside of a cold one it opens when it should be tight.",
    [
      ["osb", 0.012],
      ["smart-membrane", 0.0003],
      ["stone-wool", 0.12, { between: frame }],
      ["birch-plywood", 0.009],
    ],
  ),
]

const COLD_ROOM: Record<Part, ReadyBuildUp[]> = {
  wall: inColdRoom,
  roof: inColdRoom,
  floor: [
    ready("Heavy foam under a screed", "Trolleys and barrels stand anywhere; the room loses its height.", [
      ["polythene", 0.0002],
      ["xps-heavy", 0.1],
      ["cement-screed", 0.05],
    ]),
    ready(
      "No insulation under it",
      "For a room that is hardly cooler than the ground, or used for weeks only: costs nothing, keeps its height, sweats around its edge.",
      [["concrete", 0.12, there]],
    ),
  ],
}

const CLADDING: LayerSketch[] = [
  ["larch", 0.022],
  ["air", 0.025, vents],
]
const METAL_ROOF: LayerSketch[] = [
  ["steel-dark", 0.0006],
  ["air", 0.05, vents],
  ["roof-underlay", 0.0006],
]
const hutStuds = timber("Studs", 0.045, 0.6)
const battens = level("Battens", 0.045, 0.5, { ends: false })
const hutRafters = timber("Rafters", 0.045, 0.6)

const SHED: Record<Part, ReadyBuildUp[]> = {
  wall: [
    ready(CLOSED, "Cheap and well known; it must stay without a hole, and a damp summer cannot dry inward.", [
      ...CLADDING,
      ["breather-membrane", 0.0005],
      ["glass-wool", 0.14, { between: hutStuds }],
      ["polythene", 0.0002],
      ["gypsum-board", 0.0125],
    ]),
    ready(OPEN, "Each layer more open than the one inside of it: it dries to both sides and forgives; thick for its R.", [
      ...CLADDING,
      ["wood-fibre-board", 0.035],
      ["cellulose-dense", 0.14, { between: hutStuds }],
      ["osb", 0.012],
    ]),
    ready("Service channel inside the tight layer", "Cables and pipes run in the gap between battens and never pierce the membrane.", [
      ...CLADDING,
      ["wood-fibre-board", 0.022],
      ["wood-fibre-batt", 0.14, { between: hutStuds }],
      ["smart-membrane", 0.0003],
      ["air", 0.04, { between: battens }],
      ["gypsum-board", 0.0125],
    ]),
    ready(OPEN_CELL, "Fills an odd frame and seals it; it takes the whole depth of the studs, which foam at a higher price would not.", [
      ...CLADDING,
      ["breather-membrane", 0.0005],
      ["osb", 0.011],
      ["spray-open", 0.14, { between: hutStuds }],
      ["gypsum-board", 0.0125],
    ]),
    ready(CLOSED_CELL, "The same R in less than two thirds of the depth, and tight to vapour by itself.", [
      ...CLADDING,
      ["breather-membrane", 0.0005],
      ["osb", 0.011],
      ["spray-closed", 0.09, { between: hutStuds }],
      ["gypsum-board", 0.0125],
    ]),
  ],
  roof: [
    ready(VENTED, "A clear channel from eave to ridge carries off what leaks up; needs its mesh kept clean and a straight run.", [
      ...METAL_ROOF,
      ["wood-fibre-board", 0.035],
      ["cellulose-dense", 0.2, { between: hutRafters }],
      ["smart-membrane", 0.0003],
      ["gypsum-board", 0.0125],
    ]),
    ready(UNVENTED, "Foam on the deck keeps it warm, so no channel is needed; enough of the R must lie outside of the deck.", [
      ["steel-dark", 0.0006],
      ["polyiso", 0.1],
      ["bitumen-sheet", 0.003],
      ["softwood-plywood", 0.018],
      ["glass-wool", 0.1, { between: hutRafters }],
      ["gypsum-board", 0.0125],
    ]),
    ready(CLOSED_CELL, "Sprayed under the deck: no channel, no foam to carry; the deck can dry outward only.", [
      ["roof-underlay", 0.0006],
      ["osb", 0.015],
      ["spray-closed", 0.1, { between: hutRafters }],
      ["gypsum-board", 0.0125],
    ]),
  ],
  floor: [
    ready("Foam that carries the floor", "On bearers close together; no joists in the insulation, dry from below.", [
      ["xps-heavy", 0.1],
      ["osb", 0.022],
    ]),
  ],
}

const girts = level("Girts", 0.089, 0.6)
const posts = timber("Posts", 0.14, 2.4, { plates: { low: 0, high: 1 } })
const trusses = timber("Trusses", 0.038, 1.2)
const STEEL: LayerSketch = ["steel-painted", 0.0005, there]

const POST_FRAME: Record<Part, ReadyBuildUp[]> = {
  wall: [
    ready(SMART, "As the tight membrane between the posts, but a wet summer can dry inward.", [
      ["breather-membrane", 0.0005],
      ["glass-wool", 0.038, { between: girts, loose: 0.045 }],
      ["glass-wool", 0.14, { between: posts }],
      ["smart-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready(OUTSIDE, "Boards in two layers over the girts, joints staggered, the posts inside and dry; the steel stands further out.", [
      STEEL,
      ["polyiso", 0.05, { fasteners: { material: "steel-galvanised", diameter: 0.006, perArea: 5, recessed: 0 } }],
      ["polyiso", 0.05],
      ["foil-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready(CLOSED_CELL, "Sprayed on the back of the steel between the girts; stops sweating at once, and the girts stay bare.", [
      STEEL,
      ["spray-closed", 0.05, { between: girts }],
      ["gypsum-board", 0.0125],
    ]),
    ready(OPEN_CELL, "The same R in more depth for less money; behind steel it needs the membrane.", [
      STEEL,
      ["spray-open", 0.09, { between: girts }],
      ["foil-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready(OPEN, "Behind steel that stands off on an aired gap only: it dries outward into the gap.", [
      ["steel-painted", 0.0005],
      ["air", 0.038, vents],
      ["wood-fibre-board", 0.06],
      ["cellulose-dense", 0.14, { between: posts }],
      ["osb", 0.012],
    ]),
  ],
  roof: [
    ready(
      VENTED,
      "Loose fill on the ceiling, the space over it aired from eave to ridge: the cheapest R there is; the ceiling must be tight.",
      [...METAL_ROOF, ["cellulose-loose", 0.3, { between: trusses }], ["polythene", 0.0002], ["gypsum-board", 0.0125]],
    ),
    ready(UNVENTED, "Boards under the steel over the purlins: no aired space, the frame inside and warm; foil towards the room, taped.", [
      STEEL,
      ["polyiso", 0.1],
      ["foil-membrane", 0.0003],
      ["osb", 0.012],
    ]),
    ready(CLOSED_CELL, "Sprayed on the back of the roof steel: stops its drip at once.", [
      STEEL,
      ["spray-closed", 0.05, { between: level("Purlins", 0.089, 0.6) }],
      ["gypsum-board", 0.0125],
    ]),
  ],
  floor: [
    ready(
      "No insulation under the slab",
      "For a shop that is heated by the day: the ground takes heat all winter and gives coolness in summer. Insulation along its edge is said at the shell.",
      [["concrete", 0.15, there]],
    ),
    ready("Foam over the slab", "On a slab that is there: warm to the feet, costs height; the foam must carry what stands on it.", [
      ["concrete", 0.15, there],
      ["polythene", 0.0002],
      ["eps-floor", 0.06],
      ["osb", 0.018],
    ]),
  ],
}

const MORE: Record<JobKind, Record<Part, readonly ReadyBuildUp[]>> = {
  van: VAN,
  cabin: CABIN,
  "cold-room": COLD_ROOM,
  shed: SHED,
  "post-frame": POST_FRAME,
}

/** Ready build-ups for a part of a kind of enclosure: those that jobs start with, and the other schools. */
export function readyBuildUps(kind: JobKind, part: Part): ReadyBuildUp[] {
  const usual = SCHOOLS[kind].map(({ id, name, fits, ...parts }): ReadyBuildUp => ({
    id,
    school: name,
    assembly: { ...parts[part], name, reason: fits },
  }))
  const seen = new Set<string>()
  // Schools of one kind often share a floor.
  return [...usual, ...MORE[kind][part]].filter(({ assembly }) => {
    const layers = JSON.stringify([assembly.layers, assembly.members])
    if (seen.has(layers)) return false
    seen.add(layers)
    return true
  })
}
