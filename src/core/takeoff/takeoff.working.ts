import type { Enclosure } from "../enclosure/enclosure"
import { floorOf } from "../enclosure/surface-figures"
import { arealMass, arealPrice } from "../material/layer-properties"
import { factor, quantityOf, type Working, workingLine, type WorkingLine } from "../working"
import { massOfLayers, priceOfLayers } from "./content"

type Built = Pick<Enclosure, "surfaces" | "perimeterInsulation">

/** Surfaces, and what lies along the edge of a slab, each by its area. */
function byArea(
  { surfaces, perimeterInsulation }: Built,
  symbol: string,
  [kind, result]: ["arealMass", "mass"] | ["arealMoney", "money"],
  ofLayers: typeof massOfLayers,
  of: typeof arealMass,
): WorkingLine[] {
  const parts = surfaces.map(({ id, name, netArea, layers }) => ({ surface: id, name, area: netArea, each: ofLayers(layers) }))
  if (perimeterInsulation) {
    const { name, area, material, edge } = perimeterInsulation
    parts.push({ surface: floorOf(surfaces).id, name, area, each: of(material, edge.thickness) })
  }
  return parts.map(({ surface, name, area, each }) =>
    workingLine(name, [result, area * each], { of: "build-up", surface }, [factor("A", "area", area), factor(symbol, kind, each)]),
  )
}

/** The added weight, surface by surface, kg. */
export function weightWorking(ledger: Built & { weight: number }): Working {
  return {
    title: "Weight added",
    formula: "m = Σ A · Σ ρ·d",
    lines: byArea(ledger, "ρ·d", ["arealMass", "mass"], massOfLayers, arealMass),
    total: quantityOf("mass", ledger.weight),
    inputs: [],
    method: "Layers with their members; what is there already weighs nothing here. Screws, glue and waste are not counted.",
    source: "Densities of the catalogue",
    notes: [{ code: "gross-weight", text: "A vehicle's gross weight is on its plate: weigh it loaded." }],
  }
}

/** The price of what is added, surface by surface, €. */
export function moneyWorking(ledger: Built & { money: number }): Working {
  return {
    title: "Money for material",
    formula: "money = Σ A · Σ price",
    lines: byArea(ledger, "price", ["arealMoney", "money"], priceOfLayers, arealPrice),
    total: quantityOf("money", ledger.money),
    inputs: [],
    method: "Area times price, without waste, fixings, tape, tools or work. All prices are invented.",
    source: "Invented prices of the catalogue",
    notes: [],
  }
}
