import type { Buying } from "../../schema/job/buying"
import type { Material, MaterialClass } from "../../schema/material"
import type { BuiltLayer, BuiltMembers } from "../assembly/build-up"
import { type JobState, stockOf } from "../enclosure/job-state"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { boardJoints } from "../laying/board-joints"
import { arealMass, arealPrice } from "../material/layer-properties"
import { INCH } from "../quantity/length"
import { sum } from "../numeric/sum"
import { edgesOf } from "../shell/edges"
import { pitchOf } from "../shell/members"
import type { BillLine } from "./bill"
import { type Boarding, carrierOf, isBoarded, type Stuff } from "./boarding"
import { consumed, type Used } from "./consumables"
import { fastening } from "./fastening"
import type { SheetPlan } from "./sheet-plan"

/** Where something is bought, by kind. */
export type Supplier = "timber" | "insulation" | "builders" | "metal" | "linings" | "fixings"

/** In what it is counted. */
export type Measure = "sheets" | "batts" | "rolls" | "packs" | "length" | "mass" | "volume" | "area" | "pieces" | "cartridges"

/** A line of the shopping list. */
export interface ShoppingLine {
  /** Names it as long as it is the same thing. */
  key: string
  supplier: Supplier
  /** The material's name, or that of a fixing. */
  what: string
  /** m; null where it has none to speak of */
  thickness: number | null
  size: { length: number; width: number } | null
  measure: Measure
  /** So many, or so much, SI. */
  count: number
  /** € of one, as typed or by the price of its material; null: not known */
  each: number | null
  /** What it is reckoned from, or what to mind. */
  note: string
  /** The layers that are of it, where it is what layers are of. */
  stuff?: { material: string; thickness: number }
  /** In what a bag, a tin or a kit of it is measured, where it comes in such. */
  packIn?: "mass" | "volume"
  /** How deep it is blown so that it lies as thick as it must, m. */
  blown?: number
  /** In how many lifts it is sprayed. */
  passes?: number
}

const SUPPLIERS: Record<MaterialClass, Supplier> = {
  ...{ wood: "timber", board: "timber", foam: "insulation", fibre: "insulation", membrane: "insulation", metal: "metal" },
  ...{ stone: "builders", plaster: "builders", covering: "linings", glass: "linings", air: "fixings" },
}

/** Lengths of screws that are sold, m, and diameters of short and of long ones. */
const SCREWS = {
  metric: [25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 120, 140, 160, 180, 200, 220, 240, 260, 280, 300].map((mm) => mm / 1000),
  "inch-pound": [1, 1.25, 1.625, 2, 2.5, 3, 3.5, 4, 5, 6, 7, 8, 10, 12].map((inches) => inches * INCH),
} as const
const [SHORT, LONG, THIN, THICK] = [0.08, 0.3, 0.0045, 0.006] as const
/** Screws along the ends of a board, and on the members between, where nothing else is said, m. */
export const USUAL_SCREWS = { metric: { edge: 0.15, field: 0.3 }, "inch-pound": { edge: 6 * INCH, field: 12 * INCH } } as const
/** A bead of sealant, and a lap of membranes, m. */
const [BEAD, LAP] = [0.006, 0.1] as const
/** Stuff that is screwed to nothing is glued: kg on a m². */
const GLUE = 0.3
/** Cartridges of 310 ml; tins of 2.5 kg. */
const [CARTRIDGE, TIN] = [0.00031, 2.5] as const

/** All that is to be bought for the state of a job. */
export function shoppingList(
  state: JobState,
  surfaces: readonly SurfaceFigures[],
  bill: readonly BillLine[],
  boarding: Boarding,
  plan: SheetPlan,
): ShoppingLine[] {
  const { buying } = state.variant
  const lines = [
    ...boarding.stuffs.flatMap((stuff) => boardLines(stuff, plan, state)),
    ...otherLines(state, surfaces, bill, buying),
    ...screwLines(state, surfaces, boarding, buying),
    ...jointLines(state, surfaces, boarding, plan, buying),
  ]
  return lines.map((line) => ({ ...line, each: buying.prices[line.key] ?? line.each }))
}

/**
 * Money of each face, what is left over of its boards counted in, €: boards by their share of all pieces of their stuff, all else as the bill has
 * it.
 */
export function faceMoney(
  surfaces: readonly SurfaceFigures[],
  bill: readonly BillLine[],
  plan: SheetPlan,
): Map<SurfaceFigures["id"], number> {
  const isOf = boardedLayers(surfaces)
  const areaOf = (layers: SheetPlan["layers"]) => sum(layers.flatMap(({ pieces }) => pieces.map(({ area }) => area)))
  const boards = (face: SurfaceFigures["id"]) =>
    sum(
      plan.stuffs.map(({ stuff, cost }) => {
        const all = plan.layers.filter((layer) => layer.stuff === stuff)
        const whole = areaOf(all)
        return whole > 0 ? (cost * areaOf(all.filter((layer) => layer.face === face))) / whole : 0
      }),
    )
  const others = bill.filter((line) => !isOf(line))
  return new Map(surfaces.map(({ id }) => [id, boards(id) + sum(others.filter(({ surface }) => surface === id).map(({ price }) => price))]))
}

/** Whether a line of the bill is a layer that comes in sheets or batts. */
function boardedLayers(surfaces: readonly SurfaceFigures[]): (line: BillLine) => boolean {
  const boarded = new Set(surfaces.flatMap(({ id, layers }) => layers.filter(isBoarded).map((layer) => `${id} ${layer.id}`)))
  return ({ role, surface, layer }) => role === "layer" && boarded.has(`${surface} ${layer}`)
}

/** Sheets and batts, each size by itself. */
function boardLines(stuff: Stuff, plan: SheetPlan, state: JobState): ShoppingLine[] {
  const cut = plan.stuffs.find((one) => one.stuff === stuff.key)
  if (!cut || cut.fault !== null) return []
  return stuff.sizes.flatMap(({ length, width, price }): ShoppingLine[] => {
    const count = cut.sheets.filter((sheet) => sheet.from === null && sheet.length === length && sheet.width === width).length
    if (count === 0) return []
    return [
      {
        key: `${stuff.key} ${length} ${width}`,
        supplier: SUPPLIERS[stockOf(state)[stuff.material]!.class],
        ...{ what: stuff.name, thickness: stuff.thickness, size: { length, width }, count, each: price },
        measure: stuff.soft ? "batts" : "sheets",
        note: "",
        stuff: { material: stuff.material, thickness: stuff.thickness },
      },
    ]
  })
}

/** What is no board: sticks, rolls, what is blown, sprayed, poured or spread. */
function otherLines(state: JobState, surfaces: readonly SurfaceFigures[], bill: readonly BillLine[], buying: Buying): ShoppingLine[] {
  const stock = stockOf(state)
  const isOf = boardedLayers(surfaces)
  const groups = new Map<string, BillLine[]>()
  for (const line of bill) {
    if (isOf(line)) continue
    const kind = line.role === "members" ? " members" : line.taper === 0 ? "" : ` ${Math.round(line.taper * 1e5) / 100} tapered`
    const key = `${line.what} ${Math.round(line.thickness * 1e5) / 100}${kind}`
    groups.set(key, [...(groups.get(key) ?? []), line])
  }
  return [...groups].flatMap(([key, some]): ShoppingLine[] => {
    const material = stock[some[0]!.what]!
    if (sum(some.map((line) => line.area)) <= 0 || material.class === "air") return []
    return some[0]!.role === "members" ? stickLine(key, material, some) : [stuffLine(key, material, some, buying)]
  })
}

/** Members of one stuff and depth, by their length. */
function stickLine(key: string, material: Material, some: readonly BillLine[]): ShoppingLine[] {
  const pieces = some.flatMap((line) => line.pieces)
  if (pieces.length === 0) return []
  const run = sum(pieces)
  return [
    {
      ...{ key, supplier: SUPPLIERS[material.class], what: material.name, thickness: some[0]!.thickness, size: null },
      ...{ measure: "length", count: run, each: sum(some.map(({ price }) => price)) / run },
      note: `${pieces.length} sticks; the cut list of their build-up says from which bars`,
    },
  ]
}

/** What fills an area, in what it is sold by: in packs where it is said how much one holds. */
function stuffLine(key: string, material: Material, some: readonly BillLine[], buying: Buying): ShoppingLine {
  const area = sum(some.map((line) => line.area))
  const { thickness, what, role, taper } = some[0]!
  const { form, width, length } = material.sold
  const price = arealPrice(material, thickness)
  const { tape: waste, blown: rule } = buying
  const pack = buying.packs[key]
  const base = {
    ...{ key, supplier: SUPPLIERS[material.class], what: material.name, thickness, size: null, note: "" },
    ...(role === "layer" && taper === 0 && { stuff: { material: what, thickness } }),
  }
  if (form === "roll" && width && length) {
    const lap = material.class === "membrane" ? LAP : 0
    const { packs } = consumed({ id: key, kind: "membrane", area, rollWidth: width, rollLength: length, lap, waste })
    return { ...base, size: { length, width }, measure: "rolls", count: packs, each: width * length * price }
  }
  if (form === "bag") {
    const density = arealMass(material, thickness) / thickness
    const { settling } = rule
    const used = consumed({ id: key, kind: "bags", area, depth: thickness, density, settling, pack: pack ?? 1, waste: rule.waste })
    const each = (price / thickness / density) * (pack ?? 1)
    const note = "weight as settled; the bag says at which density it does not settle further"
    return { ...base, ...packed(pack, used, "mass"), each, note, ...(settling > 0 && { blown: used.blown! }) }
  }
  if (form === "tin") {
    const mass = arealMass(material, thickness)
    const used = consumed({ id: key, kind: "coat", area, perArea: mass, pack: pack ?? 1, waste: rule.waste })
    return { ...base, ...packed(pack, used, "mass"), each: (price / mass) * (pack ?? 1) }
  }
  if (form === "kit") {
    const used = consumed({ id: key, kind: "spray", area, depth: thickness, lift: rule.lift, pack: pack ?? 1, waste: rule.waste })
    const note = "volume as foamed; no lift thicker than the maker says, each cooled before the next: it gets hot"
    return { ...base, ...packed(pack, used, "volume"), each: (price / thickness) * (pack ?? 1), note, passes: used.passes! }
  }
  const note = taper === 0 ? "without offcuts" : "tapered, thickness in the mean: order it by the thickness at both ends"
  return { ...base, measure: "area", count: area, each: price, note }
}

/** So many packs where it is said what one holds, else as much as is bought. */
const packed = (pack: number | undefined, { bought, packs }: Used, packIn: "mass" | "volume") => ({
  packIn,
  ...(pack === undefined ? { measure: packIn, count: bought } : { measure: "packs" as const, count: packs }),
})

/** Screws for boards that lie on members, glue for those that lie on none. */
function screwLines(
  state: JobState,
  surfaces: readonly SurfaceFigures[],
  { faces, stuffs }: Boarding,
  { screws, tape }: Buying,
): ShoppingLine[] {
  const units = state.units ?? "metric"
  const [lengths, usual] = [SCREWS[units], USUAL_SCREWS[units]]
  const counts = new Map<string, ShoppingLine>()
  const add = (line: ShoppingLine) => counts.set(line.key, { ...line, count: line.count + (counts.get(line.key)?.count ?? 0) })
  let glued = 0
  for (const layer of faces.flat()) {
    if (layer.members.length > 0) continue
    const surface = surfaces.find(({ id }) => id === layer.face)!
    const at = surface.layers.findIndex(({ id }) => id === layer.layer)
    const size = stuffs.find(({ key }) => key === layer.stuff)!.sizes[0]!
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
        washers: false,
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
function jointLines(
  state: JobState,
  surfaces: readonly SurfaceFigures[],
  boarding: Boarding,
  plan: SheetPlan,
  { tape }: Buying,
): ShoppingLine[] {
  const stock = stockOf(state)
  const foam = (stuff: string) => stock[boarding.stuffs.find(({ key }) => key === stuff)!.material]!.class === "foam"
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
