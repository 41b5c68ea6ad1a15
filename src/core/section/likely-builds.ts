import { InputError } from "../../schema/outcome"
import type { WeatherYear } from "../climate/weather-file"
import { normal, seeded } from "../numeric/random"
import type { SectionLayer, SectionModel } from "./section-model"
import { ROUGH, sectionYears } from "./section-years"
import { harmed } from "./section-verdict"

/** How one build may turn out other than it is drawn. */
export interface Build {
  /** Times the leaks that are said. */
  leaks: number
  /** Times the vapour resistance of stuffs, as batches differ. */
  resistance: number
  /** Holes in a square metre of a tight sheet, times their diameter, 1/m: vapour spreads through them as through a disc. */
  holes: number
  /** Times the conductivity of insulation: gaps beside boards, squashed batts. */
  fit: number
  /** Of humidity inside, K and humidity outdoors, times the sun. */
  humidity: number
  outdoors: number
  outdoorHumidity: number
  sun: number
  /** Times the rain that wind drives, as walls lie to it. */
  rain: number
  /** Humidity that it is built in with. */
  builtIn: number
}

/** What one build came to. */
export interface BuildOutcome {
  build: Build
  /** null: no balance was found */
  harms: boolean | null
}

/** So many builds are likely enough to tell a share by. */
export const BUILDS = 100

/**
 * One of the likely builds, the same whenever it is asked for: leaks half to twice as said for two of three, holes in tight layers, batches,
 * fit, use and years of weather each by their usual spread.
 * @param index from 0
 */
export function likelyBuild(index: number): Build {
  const uniform = seeded(7919 * (index + 1))
  const spread = (deviation: number) => deviation * normal(uniform)
  return {
    leaks: Math.exp(spread(0.7)),
    resistance: Math.exp(spread(0.2)),
    holes: 0.02 * Math.exp(spread(1)),
    humidity: spread(0.05),
    outdoors: spread(1),
    outdoorHumidity: spread(0.03),
    sun: Math.max(0.5, 1 + spread(0.15)),
    builtIn: Math.min(0.97, Math.max(0.6, 0.8 + spread(0.08))),
    fit: Math.exp(Math.abs(spread(0.12))),
    rain: Math.exp(spread(0.5)),
  }
}

/** From this sd on a sheet is a tight one that holes count in, m. */
const TIGHT = 2

/** A section as one build of it turns out. */
export function asBuilt(model: SectionModel, build: Build): SectionModel {
  const { leaks, humidity, outdoors, outdoorHumidity, sun, rain } = build
  return {
    ...model,
    layers: model.layers.map((layer) => ({
      ...layer,
      material: { ...layer.material, ...resistanceBuilt(layer, build), ...fitted(layer, build) },
    })),
    airs: model.airs.map(({ inside, beyond }) => ({
      inside: { ...inside, relativeHumidity: Math.min(1, Math.max(0.1, inside.relativeHumidity + humidity)) },
      beyond,
    })),
    leaks: model.leaks.map((leak) => ({ ...leak, transfer: leak.transfer.map((one) => one * leaks) })),
    shift: { temperature: outdoors, humidity: outdoorHumidity, sun, rain },
  }
}

/**
 * What vapour meets in a layer as it is built: of a sheet that and its holes side by side, of all else what the batch makes of it.
 * @see Crank, The Mathematics of Diffusion (1975), 3.5 (a disc in a plane passes as much as an air layer of 1/(2·d) on each side of it)
 */
function resistanceBuilt({ thickness, sheet, metal, material: { mu, muByHumidity } }: SectionLayer, { holes, resistance }: Build) {
  const built = (one: number) => {
    const sd = one * thickness
    if (metal) return one
    return sheet && sd > TIGHT ? 1 / (1 / sd + holes) / thickness : one * resistance
  }
  return {
    ...(mu === undefined ? {} : { mu: built(mu) }),
    ...(muByHumidity ? { muByHumidity: muByHumidity.map(([phi, one]): [number, number] => [phi, built(one)]) } : {}),
  }
}

/** What conducts less is insulation, W/(m·K). */
const INSULATES = 0.07

/** What a layer conducts where insulation is fitted less closely than it is drawn. */
const fitted = ({ material: { conductivity } }: SectionLayer, { fit }: Build): Pick<SectionLayer["material"], "conductivity"> =>
  conductivity[0]![1] < INSULATES ? { conductivity: conductivity.map(([water, one]) => [water, one * fit]) } : { conductivity }

/** Follows one build through some years. */
export function buildOutcome(model: SectionModel, weather: WeatherYear, index: number): BuildOutcome {
  const build = likelyBuild(index)
  const built = asBuilt(model, build)
  try {
    return { build, harms: harmed(built, sectionYears(built, weather, build.builtIn, ROUGH)) }
  } catch (error) {
    if (error instanceof InputError) return { build, harms: null }
    throw error
  }
}

/** What tells wet builds from dry ones: the difference of its means, in spreads; more than nothing where wet ones have more of it. */
export interface Divide {
  what: keyof Build
  wet: number
  dry: number
  by: number
}

/** A difference of means by less than this, in spreads of all, tells nothing. */
const TELLS = 0.5

/** What separates the wet builds from the dry, the clearest first; none where all are alike. */
export function divides(outcomes: readonly BuildOutcome[]): Divide[] {
  const [wet, dry] = [true, false].map((harms) => outcomes.filter((one) => one.harms === harms)) as [BuildOutcome[], BuildOutcome[]]
  if (wet.length < 3 || dry.length < 3) return []
  return (Object.keys(outcomes[0]!.build) as (keyof Build)[])
    .map((what): Divide => {
      const of = (some: readonly BuildOutcome[]) => mean(some.map(({ build }) => build[what]))
      const all = outcomes.map(({ build }) => build[what])
      const middle = mean(all)
      const spread = Math.sqrt(mean(all.map((one) => (one - middle) ** 2)))
      return { what, wet: of(wet), dry: of(dry), by: spread > 0 ? (of(wet) - of(dry)) / spread : 0 }
    })
    .filter(({ by }) => Math.abs(by) > TELLS)
    .sort((a, b) => Math.abs(b.by) - Math.abs(a.by))
}

const mean = (values: readonly number[]): number => values.reduce((all, one) => all + one, 0) / values.length
