import { inSentence } from "../in-sentence"
import { nextSold } from "../material/layer-properties"
import { materialOf } from "../material/catalogue"
import { hoursIn } from "../climate/weather-year"
import type { YearModel } from "../hourly/year-model"
import { type Ledger, ledgerOf } from "../ledger/ledger"
import { type JobState, stockOf, withAssembly, withLayer } from "../enclosure/job-state"

/** A small change and what it would do to a figure. */
export interface WhatIf {
  name: string
  change: number
}

/** A step that a builder could take. */
export type Step =
  | { kind: "thickness"; assembly: string; layer: string; thickness: number }
  | { kind: "white"; assembly: string; absorptance: number }
  | { kind: "leaks"; ach50: number }

/** What a step saves, W, and what it costs, in money and in height where one stands, m. */
export interface Saving {
  step: Step
  name: string
  saves: number
  money: number
  height: number
}

interface Trial {
  name: string
  /** Null where it is none that is built. */
  step: Step | null
  tried: JobState
}

/** As white as a skin is painted. */
const WHITE = 0.3

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

/**
 * What each step that a builder could take would save of a flow, W; those that save less than a hundredth of it are left out.
 * @returns the greatest first
 */
export function savings(state: JobState, ledger: Ledger, flow: (ledger: Ledger) => number): Saving[] {
  const now = flow(ledger)
  return trials(state, ledger)
    .flatMap(({ name, step, tried }): Saving[] => {
      if (!step) return []
      const then = ledgerOf(tried, ledger.solved)
      const saves = now - flow(then)
      if (saves <= 0.01 * Math.abs(now)) return []
      return [{ step, name, saves, money: then.money - ledger.money, height: ledger.clear.standing - then.clear.standing }]
    })
    .sort((a, b) => b.saves - a.saves)
}

function trials(state: JobState, ledger: Ledger): Trial[] {
  const { brief, variant } = state
  const thicker = Object.entries(variant.assemblies).flatMap(([id, assembly]): Trial[] => {
    const best = insulationOf(ledger, id)
    if (!best) return []
    const layer = assembly.layers[best]!
    const material = materialOf(layer.material, stockOf(state))
    const thickness = nextSold(material, layer.thickness, 1)
    return [
      {
        name: `${assembly.name}: the next thickness of ${inSentence(material.name)}`,
        step: { kind: "thickness", assembly: id, layer: best, thickness },
        tried: withLayer(state, id, best, { thickness }),
      },
    ]
  })
  const lighter = Object.entries(variant.assemblies)
    .filter(([id]) => ledger.surfaces.some((face) => face.assembly === id && face.absorptance > 0.35))
    .map(([id, assembly]): Trial => ({
      name: `${assembly.name}: a white skin`,
      step: { kind: "white", assembly: id, absorptance: WHITE },
      tried: withAssembly(state, id, { ...assembly, absorptance: WHITE }),
    }))
  const { winter, summer } = brief.indoors
  const nearer = {
    winter: { ...winter, temperature: winter.temperature - 1 },
    summer: { ...summer, temperature: summer.temperature + 1 },
  }
  const ach50 = variant.leakage.ach50 / 2
  return [
    ...thicker,
    ...lighter,
    {
      name: "Half the air leaks",
      step: { kind: "leaks", ach50 },
      tried: { ...state, variant: { ...variant, leakage: { ...variant.leakage, ach50 } } },
    },
    { name: "One degree nearer to outdoors inside", step: null, tried: { ...state, brief: { ...brief, indoors: nearer } } },
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

/**
 * What each thicker layer saves of a day's electricity in a month, J, by the months' means and as the machines take it now; the greatest first.
 * @param month 0…11, of a year that is stepped through
 */
export function powerSavings(state: JobState, ledger: Ledger, month: number): Saving[] {
  const { figures, model, estimate } = ledger.year
  if (!figures) return []
  // Of what the months' means ask for so much is asked for while somebody is there, and taken.
  const share = (way: "heating" | "cooling", plant: YearModel["heater"]) => {
    const { [way]: heat } = estimate[month]!
    return plant?.machine?.energy === "electricity" && heat > 0 ? figures.taken[month]![way] / heat : 0
  }
  const [heated, cooled] = [share("heating", model.heater), share("cooling", model.cooler)]
  const days = hoursIn(month) / 24
  return savings(state, ledger, ({ year: { estimate } }) => {
    const { heating, cooling } = estimate[month]!
    return (heating * heated + cooling * cooled) / days
  }).filter(({ step }) => step.kind === "thickness")
}
