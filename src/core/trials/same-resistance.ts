import { materialOf } from "../material/catalogue"
import { type Candidate, findMaterials, INSULATION } from "../material/search"
import { type Ledger, ledgerOf } from "../ledger/ledger"
import { type JobState, stockOf, withLayer } from "../enclosure/job-state"
import { canBear, mustBear } from "./bearing"

/** Another stuff for a layer that gives the same resistance by its label, and what changes with it. */
export interface Exchange extends Candidate {
  /** Change of what the face is deep, m, and of the whole enclosure's loss, W, weight, kg, and money, €. */
  depth: number
  loss: number
  weight: number
  money: number
}

/**
 * What else gives the resistance of a layer's label: insulation of every kind at the least thickness sold that does.
 * @param most how thick it may be, m
 * @returns thinnest first; none for layers without a label
 */
export function sameResistance(state: JobState, ledger: Ledger, assembly: string, layer: string, most = 0.6): Exchange[] {
  const { material, thickness, loose } = state.variant.assemblies[assembly]!.layers[layer]!
  const materials = stockOf(state)
  const own = materialOf(material, materials)
  if (own.class === "metal" || own.class === "air") return []
  const wanted = { ...INSULATION, resistance: (loose ?? thickness) / own.conductivity.declared, thickest: most }
  const bears = mustBear(state, assembly, layer)
  return findMaterials(materials, wanted)
    .filter((candidate) => candidate.id !== material && (!bears || canBear(candidate.material)))
    .map((candidate) => exchanged(state, ledger, assembly, layer, candidate))
}

/** What changes when a layer is of another stuff and thickness. */
export function exchanged(state: JobState, ledger: Ledger, assembly: string, layer: string, candidate: Candidate): Exchange {
  const { thickness } = state.variant.assemblies[assembly]!.layers[layer]!
  const change = { material: candidate.id, thickness: candidate.thickness, loose: null }
  const tried = ledgerOf(withLayer(state, assembly, layer, change), ledger.solved)
  return {
    ...candidate,
    depth: candidate.thickness - thickness,
    loss: tried.loss.total - ledger.loss.total,
    weight: tried.weight - ledger.weight,
    money: tried.money - ledger.money,
  }
}
