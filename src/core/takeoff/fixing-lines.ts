import type { Buying } from "../../schema/job/buying"
import type { BuiltLayer, BuiltMembers } from "../assembly/build-up"
import { type JobState, stockOf } from "../enclosure/job-state"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { boardJoints } from "../laying/board-joints"
import { arealPrice } from "../material/layer-properties"
import { sum } from "../numeric/sum"
import { INCH } from "../quantity/length"
import { edgesOf } from "../shell/edges"
import { pitchOf } from "../shell/members"
import { boundsOf } from "../shell/polygon"
import { type Boarding, carrierOf } from "./boarding"
import { consumed } from "./consumables"
import { fastening } from "./fastening"
import type { SheetPlan } from "./sheet-plan"
import { LAP, type ShoppingLine } from "./shopping-line"

/** Lengths of screws that are sold, m, and diameters of short and of long ones. */
const SCREWS = {
  metric: [25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 120, 140, 160, 180, 200, 220, 240, 260, 280, 300].map((mm) => mm / 1000),
  "inch-pound": [1, 1.25, 1.625, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 10, 12].map((inches) => inches * INCH),
} as const
const [SHORT, LONG, THIN, THICK] = [0.08, 0.3, 0.0045, 0.006] as const
/** Screws along the ends of a board, and on the members between, where nothing else is said, m. */
export const USUAL_SCREWS = { metric: { edge: 0.15, field: 0.3 }, "inch-pound": { edge: 6 * INCH, field: 12 * INCH } } as const
/** A bead of sealant, m. */
const BEAD = 0.006
/** Stuff that is screwed to nothing is glued: kg on a m². */
const GLUE = 0.3
/** Cartridges of 310 ml; tins of 2.5 kg. */
const [CARTRIDGE, TIN] = [0.00031, 2.5] as const

/** Screws for boards that lie on members, glue for those that lie on none. */
export function screwLines(
  state: JobState,
  surfaces: readonly SurfaceFigures[],
  { faces, stuffs }: Boarding,
  { screws, tape }: Buying,
): ShoppingLine[] {
  const units = state.units ?? "metric"
  const [lengths, usual] = [SCREWS[units], USUAL_SCREWS[units]]
  const stock = stockOf(state)
  const counts = new Map<string, ShoppingLine>()
  const add = (line: ShoppingLine) => counts.set(line.key, { ...line, count: line.count + (counts.get(line.key)?.count ?? 0) })
  let glued = 0
  for (const layer of faces.flat()) {
    if (layer.members.length > 0) continue
    const surface = surfaces.find(({ id }) => id === layer.face)!
    const at = surface.layers.findIndex(({ id }) => id === layer.layer)
    const { sizes, material, soft } = stuffs.find(({ key }) => key === layer.stuff)!
    // What is soft is held by what lies before it.
    if (soft) continue
    const [size] = sizes as [(typeof sizes)[number]]
    const isFoam = stock[material]!.class === "foam"
    const carrier = carrierOf(surface.layers, at)
    if (!carrier) {
      glued += surface.netArea
      continue
    }
    const base = baseOf(carrier.members, surface.layers[carrier.at]!)
    const through = sum(
      surface.layers.slice(...(carrier.at < at ? [carrier.at + 1, at + 1] : [at, carrier.at])).map((one) => one.layer.thickness),
    )
    const diameter = through > SHORT ? THICK : THIN
    const found = fastening({
      ...{ thickness: through, base, diameter, lengths: [...lengths], area: surface.netArea, members: pitchOf(carrier.members.set) },
      ...{
        board: { length: size.length, width: size.width },
        edge: screws.edge ?? usual.edge,
        field: screws.field ?? usual.field,
        washers: isFoam,
        waste: screws.waste,
      },
    })
    const metal = base.kind === "metal"
    add({
      key: `screws ${found.length ?? "none"} ${diameter} ${metal ? "metal" : "wood"}`,
      supplier: "fixings",
      what:
        found.length === null
          ? `Screws longer than are usually sold, for ${metal ? "metal" : "wood"}`
          : `Screws for ${metal ? "metal" : "wood"}`,
      ...{
        thickness: diameter,
        size: found.length === null ? null : { length: found.length, width: diameter },
        measure: "pieces",
        count: found.count,
        each: null,
      },
      note:
        found.length === null || found.length > LONG
          ? "battens or a second layer save such lengths"
          : "a rule to buy by: the maker says what holds",
    })
    if (found.washers > 0)
      add({
        ...{ key: "washers", supplier: "fixings", what: "Washers for screws through foam", thickness: null, size: null },
        ...{ measure: "pieces", count: found.washers, each: null, note: "as wide as the foam's maker asks, so that heads do not sink in" },
      })
  }
  const glue = consumed({ id: "glue", kind: "coat", area: glued, perArea: GLUE, pack: TIN, waste: tape })
  return [
    ...counts.values(),
    ...(glued > 0
      ? [
          {
            ...({
              key: "glue",
              supplier: "fixings",
              what: "Board adhesive",
              thickness: null,
              size: null,
              measure: "mass",
            } as const),
            ...{ count: glue.bought, each: null, note: "for boards that lie on no members; the maker says which foam it bears" },
          },
        ]
      : []),
  ]
}

/** What screws of a layer reach into, and how far its lines are apart. */
function baseOf({ set, stuffs }: BuiltMembers, { layer }: BuiltLayer) {
  const metal = stuffs.stuff.class === "metal"
  const thickness = metal && set.wall !== null ? set.wall : (set.depth ?? layer.thickness)
  return { kind: metal ? ("metal" as const) : ("wood" as const), thickness }
}

/** Tape for joints of foam boards and laps of membranes, sealant along the edges of the enclosure. */
export function jointLines(
  state: JobState,
  surfaces: readonly SurfaceFigures[],
  boarding: Boarding,
  plan: SheetPlan,
  { tape }: Buying,
): ShoppingLine[] {
  const stock = stockOf(state)
  // A plan may be older than the boards: of stuffs that are none any more nothing is taped.
  const foam = (stuff: string) => boarding.stuffs.some(({ key, material }) => key === stuff && stock[material]!.class === "foam")
  const boards = sum(
    plan.layers
      .filter(({ movable, stuff, pieces }) => movable && pieces.length > 0 && foam(stuff))
      .flatMap(({ pieces, course }) => boardJoints(pieces, course).map(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]))),
  )
  const laps = sum(
    surfaces.flatMap(({ layers, netArea }) =>
      layers
        .filter(({ layer, material }) => !layer.existing && material.class === "membrane" && (material.sold.width ?? 0) > LAP)
        .map(({ material }) => netArea / (material.sold.width! - LAP)),
    ),
  )
  const edges = sum(edgesOf(state.shell).map(({ length }) => length))
  const roll = stock["seam-tape"]?.sold
  const rolls = roll ? consumed({ id: "tape", kind: "tape", length: boards + laps, pack: roll.length!, waste: tape }).packs : 0
  const sealant = consumed({ id: "sealant", kind: "bead", length: edges, diameter: BEAD, pack: CARTRIDGE, waste: tape })
  const line = { supplier: "fixings", thickness: null } as const
  return [
    ...(rolls > 0
      ? [
          {
            ...{
              ...line,
              key: "tape",
              what: stock["seam-tape"]!.name,
              size: { length: roll!.length!, width: roll!.width! },
              measure: "rolls" as const,
              count: rolls,
            },
            ...{
              each: roll!.length! * roll!.width! * arealPrice(stock["seam-tape"]!, roll!.thicknesses[0]!),
              note: "joints of foam boards and laps of membranes",
            },
          },
        ]
      : []),
    {
      ...{ ...line, key: "sealant", what: "Sealant", size: null, measure: "cartridges" as const, count: sealant.packs, each: null },
      note: "a bead along each edge where faces meet",
    },
  ]
}

/** Mesh beyond the height of an opening, to fold back on both sides, m. */
const FOLDED = 0.05

/** Mesh before the openings of vented air spaces: where they begin and where they end. */
export function meshLines(surfaces: readonly SurfaceFigures[], { tape: waste }: Buying): ShoppingLine[] {
  const area = sum(
    surfaces.flatMap(({ layers, region }) =>
      layers.flatMap(({ layer, material, members }) => {
        if (material.class !== "air" || layer.vents === 0 || region.outline.length === 0) return []
        const { left, right, low, high } = boundsOf(region.outline)
        // Air runs as what stands in the space does, else upward.
        const run = members[0]?.set.direction === "along" ? high - low : right - left
        return [2 * run * (layer.thickness + 2 * FOLDED)]
      }),
    ),
  )
  if (area === 0) return []
  return [
    {
      ...{ key: "mesh", supplier: "fixings", what: "Insect mesh", thickness: null, size: null, measure: "area" },
      ...{ count: area * (1 + waste), each: null, note: "before both ends of each vented space, folded back on both sides" },
    },
  ]
}
