import type { Buying } from "../../schema/job/buying"
import type { Material, MaterialClass } from "../../schema/material"
import { type JobState, stockOf } from "../enclosure/job-state"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { arealMass, arealPrice } from "../material/layer-properties"
import { sum } from "../numeric/sum"
import type { BillLine } from "./bill"
import { type Boarding, isBoarded, type Stuff } from "./boarding"
import { consumed, type Used } from "./consumables"
import { jointLines, meshLines, screwLines } from "./fixing-lines"
import type { SheetPlan } from "./sheet-plan"
import { LAP, type ShoppingLine, type Supplier } from "./shopping-line"

const SUPPLIERS: Record<MaterialClass, Supplier> = {
  ...{ wood: "timber", board: "timber", foam: "insulation", fibre: "insulation", membrane: "insulation", metal: "metal" },
  ...{ stone: "builders", plaster: "builders", covering: "linings", glass: "linings", air: "fixings" },
}

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
    ...meshLines(surfaces, buying),
  ]
  return lines.map((line) => ({ ...line, each: buying.prices[line.key] ?? line.each }))
}

/** What a layer of a surface weighs and costs, what is left over of its boards counted in; null: what lies along a slab's edge. */
export interface LayerMoney {
  surface: SurfaceFigures["id"]
  layer: string | null
  /** kg and € */
  mass: number
  money: number
}

/** Money of each layer of each surface: boards by their share of all pieces of their stuff, all else as the bill has it. */
export function layerMoney(surfaces: readonly SurfaceFigures[], bill: readonly BillLine[], plan: SheetPlan): LayerMoney[] {
  const isOf = boardedLayers(surfaces)
  const areaOf = (layers: SheetPlan["layers"]) => sum(layers.flatMap(({ pieces }) => pieces.map(({ area }) => area)))
  const boards = (surface: SurfaceFigures["id"], layer: string | null) =>
    sum(
      plan.stuffs.map(({ stuff, cost }) => {
        const all = plan.layers.filter((one) => one.stuff === stuff)
        const whole = areaOf(all)
        return whole > 0 ? (cost * areaOf(all.filter((one) => one.face === surface && one.layer === layer))) / whole : 0
      }),
    )
  return surfaces.flatMap(({ id, layers }) =>
    [...layers.map((layer) => layer.id), null].flatMap((layer): LayerMoney[] => {
      const own = bill.filter((line) => line.surface === id && line.layer === layer)
      const [mass, others] = [sum(own.map((line) => line.mass)), sum(own.map((line) => (isOf(line) ? 0 : line.price)))]
      return own.length > 0 ? [{ surface: id, layer, mass, money: boards(id, layer) + others }] : []
    }),
  )
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
