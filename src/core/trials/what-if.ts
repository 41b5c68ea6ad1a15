import { inSentence } from "../in-sentence"
import { nextSold } from "../material/layer-properties"
import { materialOf } from "../material/catalogue"
import { type Ledger, ledgerOf } from "../ledger/ledger"
import { type JobState, stockOf, withAssembly, withLayer } from "../enclosure/job-state"

/** A small change and what it would do to a figure. */
export interface WhatIf {
  name: string
  change: number
}

/**
 * Which small change moves a figure most: a thickness more of each insulation, half the leaks, another inside temperature, a lighter skin.
 * @returns the three greatest, greatest first
 */
export function whatIf(state: JobState, ledger: Ledger, figure: (ledger: Ledger) => number): WhatIf[] {
  const now = figure(ledger)
  return trials(state, ledger)
    .map(({ name, tried }) => ({ name, change: figure(ledgerOf(tried, ledger.solved)) - now }))
    .filter(({ change }) => Math.abs(change) > 1e-9)
    .sort((a, b) => Math.abs(b.change) - Math.abs(a.change))
    .slice(0, 3)
}

function trials(state: JobState, ledger: Ledger): { name: string; tried: JobState }[] {
  const { brief, variant } = state
  const thicker = Object.entries(variant.assemblies).flatMap(([id, assembly]) => {
    const best = insulationOf(ledger, id)
    if (!best) return []
    const layer = assembly.layers[best]!
    const material = materialOf(layer.material, stockOf(state))
    const thickness = nextSold(material, layer.thickness, 1)
    return [
      { name: `${assembly.name}: the next thickness of ${inSentence(material.name)}`, tried: withLayer(state, id, best, { thickness }) },
    ]
  })
  const lighter = Object.entries(variant.assemblies)
    .filter(([id]) => ledger.surfaces.some((face) => face.assembly === id && face.absorptance > 0.35))
    .map(([id, assembly]) => ({
      name: `${assembly.name}: a white skin`,
      tried: withAssembly(state, id, { ...assembly, absorptance: 0.3 }),
    }))
  const { winter, summer } = brief.indoors
  const nearer = {
    winter: { ...winter, temperature: winter.temperature - 1 },
    summer: { ...summer, temperature: summer.temperature + 1 },
  }
  return [
    ...thicker,
    ...lighter,
    {
      name: "Half the air leaks",
      tried: { ...state, variant: { ...variant, leakage: { ...variant.leakage, ach50: variant.leakage.ach50 / 2 } } },
    },
    { name: "One degree nearer to outdoors inside", tried: { ...state, brief: { ...brief, indoors: nearer } } },
  ]
}

/** The layer of an assembly that insulates most; none where nothing does. */
function insulationOf(ledger: Ledger, assembly: string): string | null {
  const face = ledger.surfaces.find((figures) => figures.assembly === assembly)
  const layers = (face?.layers ?? []).filter(({ material }) => material.class === "fibre" || material.class === "foam")
  return (
    layers.reduce<(typeof layers)[number] | null>(
      (best, layer) => ((layer.declaredResistance ?? 0) > (best?.declaredResistance ?? 0) ? layer : best),
      null,
    )?.id ?? null
  )
}
