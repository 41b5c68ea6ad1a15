import { inSentence } from "../in-sentence"
import type { Enclosure } from "../enclosure/enclosure"
import { type SurfaceFigures, temperatureBeyond } from "../enclosure/surface-figures"
import { clearNights } from "./clear-night"
import { coldSurface, type ColdSurface } from "./cold-surface"
import { type DampVerdict, diffusionVerdict, leakVerdict, moulding, sweating, worstVerdict } from "./damp-verdict"
import { leakWater } from "./leak-water"
import { type MoistureLooks, moistureLooks } from "./moisture-check"
import { canMould, factorPast, MOULD_RESISTANCE } from "./mould"

/** A surface's damp: beside its members in both seasons, and the one verdict on it with all that lies on it. */
export interface MoistureCheck extends MoistureLooks {
  verdict: DampVerdict
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
}

type Checked = Pick<Enclosure, "conditions" | "leaks" | "skinArea" | "lines" | "points">

/**
 * The one verdict on a surface: the worst of its inside faces (dew and frost at the design night, mould in the mean of a month), its joints by
 * diffusion, and its joints by leaking air, weighed by how leaky the job is.
 * @see ISO 13788:2012, 5 (surfaces), 6 (joints)
 */
export function checkMoisture(surface: SurfaceFigures, enclosure: Checked): MoistureCheck {
  const { conditions, leaks, skinArea } = enclosure
  const looks = moistureLooks(surface, conditions)
  const layered = { ...looks, layers: surface.layers, of: inSentence(surface.name) }
  const leakage = (leaks.ach50 * leaks.volume) / skinArea
  const spots = spotsOn(surface, enclosure)
  const verdicts = [
    diffusionVerdict(layered),
    ...(["winter", "summer"] as const).map((season) => {
      return leakVerdict(layered, season, leakWater(looks.lasting[season], leakage, surface.face.part === "roof"))
    }),
    ...(facesMould(surface, conditions) ? [moulding(layered.of, null)] : []),
    ...spots.flatMap(spotVerdicts),
    ...clearNightVerdicts(surface, conditions, spots),
  ]
  return { ...looks, verdict: worstVerdict(verdicts), spots }
}

/**
 * What only a clear sky makes sweat: the face itself, and each spot on it, as far between both airs as it stands without the sky, past the
 * film that it was solved with. What lies along the ground follows the soil, which no night cools.
 */
function clearNightVerdicts(surface: SurfaceFigures, conditions: Checked["conditions"], spots: readonly Spot[]): DampVerdict[] {
  return clearNights(surface, conditions).flatMap(({ inside, outdoors, lost, face, dewPoint: dew }): DampVerdict[] => {
    if (dew === null) return []
    const on = (temperature: number, where: string, name: string | null) =>
      temperature < dew ? [sweating(where, name, "clear", temperature < 0)] : []
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

function spotVerdicts({ name, phrase, cold: { season, wet, moulds } }: Spot): DampVerdict[] {
  if (wet) return [sweating(phrase, name, season, wet === "frost")]
  return moulds ? [moulding(phrase, name)] : []
}

/** Members, edges, reveals and what runs through, each at its coldest. */
function spotsOn(surface: SurfaceFigures, { conditions, lines, points }: Checked): Spot[] {
  const of = inSentence(surface.name)
  const members = surface.bridges.flatMap(({ set, solved }) =>
    solved
      ? [
          {
            name: inSentence(set.name),
            phrase: `${inSentence(set.name)} of the ${of}`,
            cold: coldSurface(surface, solved, conditions),
            onSoil: false,
          },
        ]
      : [],
  )
  const along = lines.flatMap(({ kind, name, face, other, between, solved }): Spot[] => {
    if (!solved || !(between ? between.includes(surface.face.id) : face.id === surface.id)) return []
    const film = kind === "reveal" ? MOULD_RESISTANCE.glazing : MOULD_RESISTANCE.opaque
    const phrase = kind === "edge" ? `edge ${inSentence(name)}` : inSentence(name)
    // The foot of a wall on a slab has that wall alone.
    const onSoil = kind === "edge" && other === face
    return [{ name: phrase, phrase, cold: coldSurface(face, solved, conditions, film), onSoil }]
  })
  const through = points
    .filter(({ face }) => face.id === surface.id)
    .map((point): Spot => ({
      name: inSentence(point.name),
      phrase: `${inSentence(point.name)} in the ${of}`,
      cold: coldSurface(surface, point, conditions),
      onSoil: false,
    }))
  return [...members, ...along, ...through]
}

/** Whether the inside face itself is damp in the mean of the coldest month. */
function facesMould(surface: SurfaceFigures, { winter, coldestMonth }: Checked["conditions"]): boolean {
  if (surface.ground) return false
  const film = surface.lineFilms.inside
  const factor = factorPast(1 - film * surface.transmittance, film, MOULD_RESISTANCE.opaque)
  return canMould(factor, winter.inside, temperatureBeyond(surface, "winter", winter.inside.temperature, coldestMonth))
}
