import { InputError } from "../../schema/outcome"
import type { HygroState } from "./balance"
import { LATENT } from "./flows"
import { type Leak, leakBends } from "./leak"
import type { Mesh } from "./mesh"
import { bendsOf, type Side } from "./side"
import { hygroStepper } from "./step"

/** What a section came through. */
export interface SectionRun {
  /** Relative errors of both balances. */
  balance: { water: number; heat: number }
  /** kg/m² of water that came in through both faces and with leaking air, less what went out */
  gained: { outside: number; inside: number; leaks: number }
  /** kg/m² of rain that a full face did not take */
  ranOff: number
  /** kg/m² that ran down and away from each cell because it was full */
  drained: Float64Array
  /** Greatest humidity that any cell came to. */
  wettest: number
}

/** What is to be run. */
export interface SectionAsked {
  mesh: Mesh
  start: HygroState
  outside: Side
  inside: Side
  /** Air that finds its way to cells. */
  leaks?: readonly Leak[]
  /** s, rising */
  times: readonly number[]
  /** s */
  maximumStep: number
  /** How many times further than usual a step may bend. */
  slack?: number
  /** Hears how it stands at each of the times: what it is given is stepped on with, and not its own to keep. @param water kg/m³ of each cell */
  tell: (state: HygroState, water: Float64Array, time: number) => void
}

const [FIRST_STEP, SHORTEST] = [10, 1e-7] as const
/** By how much a step may be longer than the one before, and shorter than one that bent too far; and how near to what may bend it is aimed. */
const [LONGER, SHORTER, NEAR] = [3, 0.2, 0.8] as const

/**
 * Heat and moisture through a section in time, by steps whose length follows how fast things bend; none passes a time that is told, or one at
 * which something before a face begins to change otherwise.
 * @throws InputError `no-balance` where no step, however short, finds both balances
 * @see EN 15026:2007, 5
 */
export function runSection({ mesh, start, outside, inside, leaks = [], times, maximumStep, slack = 1, tell }: SectionAsked): SectionRun {
  const stepper = hygroStepper(mesh, start, outside, inside, leaks)
  const { state, water } = stepper
  const end = times.at(-1)!
  const stops = [...new Set([...bendsOf(outside), ...bendsOf(inside), ...leaks.flatMap(leakBends), ...times])]
    .sort((a, b) => a - b)
    .filter((one) => one > 0 && one <= end)
  const run: SectionRun = {
    balance: { water: 0, heat: 0 },
    gained: { outside: 0, inside: 0, leaks: 0 },
    ranOff: 0,
    drained: new Float64Array(water.length),
    wettest: 0,
  }
  const content = () => water.reduce((all, one, i) => all + one * mesh.widths[i]!, 0)
  const atStart = content()
  const sums = { water: 0, waterGross: 0, heat: 0, heatGross: 0, stored: 0, moved: 0 }
  let told = 0
  const tellUntil = (time: number) => {
    for (; told < times.length && times[told]! <= time; told++) tell(state, water, times[told]!)
  }
  tellUntil(0)
  let time = 0
  let wanted = Math.min(FIRST_STEP, maximumStep)
  for (const stop of stops) {
    while (time < stop) {
      const left = stop - time
      // Two even steps rather than a long one and a sliver.
      const length = wanted >= left ? left : Math.min(wanted, left > 2 * wanted ? wanted : left / 2)
      const bent = stepper.attempt(time, length) / slack
      const factor = bent > 0 ? NEAR / Math.sqrt(bent) : LONGER
      if (bent > 1) {
        wanted = length * Math.max(SHORTER, factor)
        if (wanted < SHORTEST) throw new InputError("no-balance", [], NO_STEP)
        continue
      }
      const taken = stepper.take()
      sums.water += taken.brought
      sums.waterGross += Math.abs(taken.brought)
      sums.heat += LATENT * taken.brought
      sums.heatGross += LATENT * Math.abs(taken.brought)
      for (const side of [0, 1] as const) {
        sums.water += taken.water[side]
        sums.waterGross += Math.abs(taken.water[side])
        sums.heat += taken.heat[side]
        sums.heatGross += Math.abs(taken.heat[side])
      }
      sums.stored += taken.stored
      sums.moved += taken.moved
      run.gained.outside += taken.water[0]
      run.gained.inside += taken.water[1]
      run.gained.leaks += taken.brought
      run.ranOff += taken.ranOff
      for (let i = 0; i < water.length; i++) {
        run.drained[i]! += taken.drained[i]!
        sums.water -= taken.drained[i]!
      }
      run.wettest = state.humidity.reduce((most, one) => Math.max(most, one), run.wettest)
      time = length === left ? stop : time + length
      wanted = Math.min(maximumStep, length * Math.min(LONGER, factor))
    }
    tellUntil(time)
  }
  const relative = (error: number, all: number) => (all > 0 ? Math.abs(error) / all : 0)
  run.balance = {
    water: relative(content() - atStart - sums.water, Math.max(sums.waterGross, atStart)),
    heat: relative(sums.stored - sums.heat, Math.max(sums.heatGross, sums.moved)),
  }
  return run
}

const NO_STEP = "No step is short enough to find a balance: curves that jump, or air that does, ask for more cells or for gentler figures."
