import { inSentence } from "../in-sentence"
import type { Enclosure } from "../enclosure/enclosure"
import { leakageBySkin } from "../enclosure/leaks"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { clearNights } from "./clear-night"
import { coldSurface, type ColdSurface, monthSides } from "./cold-surface"
import { dampRank, DRY, type DampVerdict, jointMouldVerdict, layersVerdict, moulding, sweating, worstVerdict } from "./damp-verdict"
import { type MoistureLooks, moistureLooks } from "./moisture-check"
import { type MonthlyWater, monthlyWater } from "./monthly-water"
import { dewMonths, factorPast, MOULD_RESISTANCE, mouldMonths, mouldSeen, type Sides } from "./mould"
import { faceMouldClass } from "./mould-index"

/** A surface's damp beside its members in both seasons, what the months say of its layers, and what lies on it. */
export interface MoistureCheck extends MoistureLooks {
  /** The surface as it was looked at: where layers taper, at the end that is the worse. */
  at: SurfaceFigures
  /** Water in its layers through the months. */
  water: MonthlyWater
  /** On its layers through the months. */
  months: DampVerdict
  /** On its face and on the spots on it: dew, frost and mould, by design hours and months. */
  spot: DampVerdict
  /** The coldest spot of each line, member and point on it, as far as they are solved. */
  spots: Spot[]
}

/** Where something on a surface is coldest on its warm side. */
export interface Spot {
  /** What it is, and the same as one says it in a sentence. */
  name: string
  phrase: string
  cold: ColdSurface
  /** It lies along the ground. */
  onSoil: boolean
  /** On it alone, a clear night left out. */
  verdict: DampVerdict
}

/** What of a spot its own verdict goes by. */
type Bare = Omit<Spot, "verdict">

type Checked = Pick<Enclosure, "conditions" | "months" | "leaks" | "skinArea" | "lines" | "points">

/**
 * What the months and the worst hours say of a surface: its joints through the year, by diffusion and by leaking air, weighed by how leaky the
 * job is, and mould at them; its inside faces (dew and frost at the design night and in the mean of months, mould in the mean of months).
 * @see ISO 13788:2012, 5 (surfaces), 6 (joints)
 */
export function checkMoisture(surface: SurfaceFigures, enclosure: Checked): MoistureCheck {
  const checks = endsOf(surface).map((end) => checkEven(end, enclosure))
  const rank = ({ months, spot }: MoistureCheck) => dampRank(worstVerdict([months, spot]))
  return checks.reduce((worst, check) => (rank(check) > rank(worst) ? check : worst))
}

/** A surface as it is at both ends of layers that taper, the thinner first; itself where all are even. */
function endsOf(surface: SurfaceFigures): SurfaceFigures[] {
  const { ends, transmittance, winter, summerTransmittance, summer } = surface
  return !ends
    ? [surface]
    : ends.map((end) => ({
        ...{ ...surface, ...end, ends },
        transmittance: end.winter.uValue + transmittance - winter.uValue,
        summerTransmittance: end.summer.uValue + summerTransmittance - summer.uValue,
      }))
}

function checkEven(surface: SurfaceFigures, enclosure: Checked): MoistureCheck {
  const { conditions, months, leaks, skinArea } = enclosure
  const looks = moistureLooks(surface, conditions)
  const of = inSentence(surface.name)
  const water = monthlyWater(surface, months, conditions.annualMean, leakageBySkin(leaks, skinArea))
  const spots = spotsOn(surface, enclosure)
  const onIt = [
    DRY,
    ...faceVerdicts(surface, looks, enclosure, of),
    ...spots.map(({ verdict }) => verdict),
    ...clearNightVerdicts(surface, conditions, spots),
  ]
  return {
    ...{ ...looks, at: surface, water, spots, spot: worstVerdict(onIt) },
    months: worstVerdict([layersVerdict(water, surface.layers, of), jointMouldVerdict(water, surface.layers, of)]),
  }
}

/** The surface's own face: dew at the design hours or in the mean of months, and mould. */
function faceVerdicts(surface: SurfaceFigures, { winter, summer }: MoistureLooks, { months }: Checked, of: string): DampVerdict[] {
  const sides = monthSides(surface, months)
  const film = surface.lineFilms.inside
  const factor = 1 - film * surface.transmittance
  const behind = factorPast(factor, film, MOULD_RESISTANCE.opaque)
  const moulds = surface.ground ? [] : mouldMonths(behind, sides)
  const seen = moulds.length > 0 && mouldSeen(behind, sides, faceMouldClass(surface.layers.at(-1)!.material))
  const looks = [
    ["winter", winter],
    ["summer", summer],
  ] as const
  const shares = { inside: factor, outside: surface.lineFilms.outside * surface.transmittance }
  const dews = (side: "inside" | "outside") => (surface.ground ? [] : dewMonths(shares[side], side, sides))
  return [
    ...looks.flatMap(([season, { faceSweats, interfaces, wetSide }]): DampVerdict[] => {
      if (!faceSweats || wetSide === "neither") return []
      const { temperature } = interfaces.at(wetSide === "inside" ? -1 : 0)!
      return [sweating(of, null, season, temperature < 0, dews(wetSide))]
    }),
    // A mild, damp month can wet a face that the worst hours, which are drier, do not.
    ...(["inside", "outside"] as const).flatMap((side): DampVerdict[] => {
      const months = dews(side)
      const colder = Math.min(...months.map((month) => faceIn(sides[month]!, shares[side])))
      return months.length > 0 ? [sweating(of, null, side === "inside" ? "winter" : "summer", colder < 0, months)] : []
    }),
    ...(moulds.length > 0 ? [moulding(of, null, moulds, seen)] : []),
  ]
}

/** °C of a face that stands so far between the air beyond, 0, and that inside, 1. */
const faceIn = ({ inside, beyond }: Sides, share: number): number => beyond.temperature + share * (inside.temperature - beyond.temperature)

/**
 * What only a clear sky makes sweat: the face itself, and each spot on it, as far between both airs as it stands without the sky, past the
 * film that it was solved with. What lies along the ground follows the soil, which no night cools.
 */
function clearNightVerdicts(surface: SurfaceFigures, conditions: Checked["conditions"], spots: readonly Spot[]): DampVerdict[] {
  return clearNights(surface, conditions).flatMap(({ inside, outdoors, lost, face, dewPoint: dew }): DampVerdict[] => {
    if (dew === null) return []
    const on = (temperature: number, where: string, name: string | null) =>
      temperature < dew ? [sweating(where, name, "clear", temperature < 0, [])] : []
    const seems = outdoors - lost * surface.lineFilms.outside
    return [
      ...on(face, inSentence(surface.name), null),
      ...spots.flatMap(({ name, phrase, cold, onSoil }) => {
        if (onSoil || cold.side === "outside" || cold.inside === cold.beyond) return []
        const share = (cold.temperature - cold.beyond) / (cold.inside - cold.beyond)
        return on(seems + share * (inside.temperature - seems), phrase, name)
      }),
    ]
  })
}

function spotVerdict({ name, phrase, cold: { season, wet, dews, moulds, mouldSeen: seen } }: Bare): DampVerdict {
  if (wet || dews.length > 0) return sweating(phrase, name, season, wet === "frost", dews)
  return moulds.length > 0 ? moulding(phrase, name, moulds, seen) : DRY
}

/** Members, edges, reveals and what runs through, each at its coldest. */
function spotsOn(surface: SurfaceFigures, enclosure: Checked): Spot[] {
  const { lines, points } = enclosure
  const of = inSentence(surface.name)
  const members = surface.bridges.flatMap(({ set, solved }) =>
    solved
      ? [
          {
            name: inSentence(set.name),
            phrase: `${inSentence(set.name)} of the ${of}`,
            cold: coldSurface(surface, solved, enclosure),
            onSoil: false,
          },
        ]
      : [],
  )
  const along = lines.flatMap(({ kind, name, face, other, between, solved }): Bare[] => {
    if (!solved || !(between ? between.some(({ id }) => id === surface.id) : face.id === surface.id)) return []
    const film = kind === "reveal" ? MOULD_RESISTANCE.glazing : MOULD_RESISTANCE.opaque
    const phrase = kind === "edge" ? `edge ${inSentence(name)}` : inSentence(name)
    // The foot of a wall on a slab has that wall alone, and its border the floor over air.
    const onSoil = other === face && kind !== "reveal" && between!.some(({ ground }) => ground)
    return [{ name: phrase, phrase, cold: coldSurface(face, solved, enclosure, film), onSoil }]
  })
  const through = points
    .filter(({ face }) => face.id === surface.id)
    .map((point): Bare => ({
      name: inSentence(point.name),
      phrase: `${inSentence(point.name)} in the ${of}`,
      cold: coldSurface(surface, point, enclosure),
      onSoil: false,
    }))
  return [...members, ...along, ...through].map((spot) => ({ ...spot, verdict: spotVerdict(spot) }))
}
