import type { JobKind } from "../../schema/job/job"
import { isoDewPoint } from "../air/iso-saturation"
import { type BuiltLayer, outdoorFilm, transmittanceInput, transmittanceLayers } from "../assembly/build-up"
import { idleFoils } from "../assembly/idle-foil"
import { heatFlowDirection, INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { layerResistance, thermalTransmittance } from "../assembly/thermal-transmittance"
import { MONTHS } from "../climate/design-day"
import { pressureOf } from "../enclosure/month-airs"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { inSentence } from "../in-sentence"
import { sum } from "../numeric/sum"
import { boundsOf } from "../shell/polygon"
import type { Kind } from "../quantity/measure"
import { isPanelJoint } from "./damp-assessment"
import type { MonthlyWater } from "./monthly-water"
import type { Sides } from "./mould"
import { faceOfMonths } from "./slab-sweats"

/** What a rule says of a surface, why, by which figures, and whose rule it is. */
export interface Judgement {
  rule: string
  /** It asks for a change. */
  warns: boolean
  title: string
  reason: string
  figures: readonly { name: string; kind: Kind; value: number }[]
  source: string
}

/** What rules go by. */
export interface Judged {
  kind: JobKind
  surface: SurfaceFigures
  water: Pick<MonthlyWater, "months" | "temperatures">
  /** Hours of each month in which outdoor air that is let in sweats on a floor on the ground; null until they are known. */
  sweats: readonly number[] | null
}

type Rule = (judged: Judged) => Judgement[]

/** From this equivalent air layer on a layer is tight to vapour, m; a film that opens below it when damp is not. @see DIN 4108-3:2018, 3 (retarding from 0.5 m, closed from 1500 m) */
export const TIGHT = 10
/** Of all R as much may lie on the wet side of the tight layer. @see DIN 4108-3:2018, 5.3 (a fifth) */
const WET_SIDE = 0.2
/** A vent channel is at least so deep, m. @see DIN 4108-3:2018, 5.3 (20 mm), and common practice of 25 mm */
const CHANNEL = 0.025

const isTight = ({ equivalentAirLayer, effectiveShare, material: { vapour } }: BuiltLayer): boolean =>
  effectiveShare > 0 && equivalentAirLayer >= TIGHT && Math.min(Infinity, ...(vapour.sdByHumidity ?? []).map(([, sd]) => sd)) >= TIGHT

/** Whether a layer can hold water that has nowhere to go. */
const holdsWater = (layer: BuiltLayer): boolean => !isTight(layer) && layer.material.class !== "metal"

const named = ({ material }: BuiltLayer): string => inSentence(material.name)

/** Vapour pressures inside and beyond in the mean of the year, Pa. */
const yearly = (months: readonly Sides[]): readonly [inside: number, beyond: number] => [
  sum(months.map(({ inside }) => pressureOf(inside))) / months.length,
  sum(months.map(({ beyond }) => pressureOf(beyond))) / months.length,
]

/** Which way vapour goes, by months. */
const drive: Rule = ({ water: { months } }) => {
  const outward = months.filter(({ inside, beyond }) => pressureOf(inside) > pressureOf(beyond)).length
  const [inside, beyond] = yearly(months)
  const way =
    outward >= 10
      ? "outward all year or nearly so"
      : outward <= 2
        ? "inward all year or nearly so"
        : `outward in ${outward} months and inward in ${12 - outward}`
  return [
    {
      ...{ rule: "drive", warns: false, title: `Vapour goes ${way}.` },
      reason:
        outward >= 7
          ? "The tight layer, if any, belongs on the inside, the warm side; what lies outside it is to let vapour through."
          : outward <= 5
            ? "The tight layer, if any, belongs on the outside, the warm side; what lies inside it is to let vapour through."
            : "It turns with the seasons: a film that opens when it is damp, or a build-up that lets vapour through both ways, dries both ways.",
      figures: [
        { name: "vapour pressure inside, mean of the year", kind: "pressure", value: inside },
        { name: "beyond", kind: "pressure", value: beyond },
      ],
      source: "ISO 13788:2012, 6",
    },
  ]
}

/** Two tight layers with something between them that can be wet. */
const trapped: Rule = ({ surface: { layers } }) => {
  const tight = layers.flatMap((layer, i) => (isTight(layer) ? [i] : []))
  return tight.slice(1).flatMap((inner, k): Judgement[] => {
    const outer = tight[k]!
    const inPanel = inner === outer + 2 && isPanelJoint(layers, inner)
    const between = inPanel ? [] : layers.slice(outer + 1, inner).filter(holdsWater)
    if (between.length === 0) return []
    return [
      {
        ...{
          rule: "trapped",
          warns: true,
          title: `Trapped: between the ${named(layers[outer]!)} and the ${named(layers[inner]!)} nothing dries.`,
        },
        reason: `Water that gets into the ${between.map(named).join(", ")}, built in or leaked in, finds no way out: one of the two is to let vapour through, or to open when it is damp.`,
        figures: [
          { name: `the ${named(layers[outer]!)} is as tight as still air of`, kind: "length", value: layers[outer]!.equivalentAirLayer },
          { name: `the ${named(layers[inner]!)}`, kind: "length", value: layers[inner]!.equivalentAirLayer },
        ],
        source: "DIN 68800-2:2012, 5.2.4 (a drying reserve)",
      },
    ]
  })
}

/** The tight layer nearest to the wet side stands too far from it. */
const wrongSide: Rule = ({ surface, water: { months } }) => {
  const { layers, face, ground } = surface
  const [inside, beyond] = yearly(months)
  const at = inside > beyond ? layers.reduce((last, layer, i) => (isTight(layer) ? i : last), -1) : layers.findIndex(isTight)
  if (ground || at < 0) return []
  const direction = heatFlowDirection(face.tilt, true)
  const resistances = transmittanceLayers(layers).map((layer) => layerResistance(layer, direction))
  const all = sum(resistances)
  const wet = inside > beyond ? resistances.slice(at + 1) : resistances.slice(0, at)
  const share = all > 0 ? sum(wet) / all : 0
  if (share <= WET_SIDE) return []
  const [layer, side] = [layers[at]!, inside > beyond ? "inside" : "outside"]
  const skin = layer.layer.existing || layer.material.class === "metal"
  return [
    {
      ...{ rule: "wrong-side", warns: true, title: `Wrong-sided: the tight ${named(layer)} stands on the dry side.` },
      reason: `Vapour comes from ${side === "inside" ? "the inside" : "outdoors"} and is stopped where it is cold. ${
        skin
          ? `A skin stays where it is: put a tighter layer on the ${side}, air-sealed, or foam that leaves vapour no way to it.`
          : `Move it to the ${side}, or take one that lets vapour through.`
      }`,
      figures: [{ name: "of the insulation on its wet side (a fifth at most)", kind: "percent", value: share }],
      source: "DIN 4108-3:2018, 5.3",
    },
  ]
}

/** Insulation on both sides of a board: whether enough of it is outside to keep the board warm. */
const outerShare: Rule = ({ surface, water: { months } }) => {
  const { layers, face, ground } = surface
  if (ground || layers[0]!.effectiveShare === 0) return []
  const direction = heatFlowDirection(face.tilt, true)
  const resistances = transmittanceLayers(layers).map((layer) => layerResistance(layer, direction))
  const film = outdoorFilm(layers, surface.winterFilm, direction)
  const total = film + sum(resistances) + INDOOR_RESISTANCE[direction]
  const board = layers.findIndex(({ material }, i) => {
    const wood = material.class === "wood" || (material.class === "board" && material.fire.combustible)
    return wood && sum(resistances.slice(0, i)) > 0.5 && sum(resistances.slice(i + 1)) > 0.5
  })
  if (board < 0) return []
  const coldest = months.reduce((least, one) => (one.beyond.temperature < least.beyond.temperature ? one : least))
  const [warm, cold] = [coldest.inside.temperature, coldest.beyond.temperature]
  if (warm <= cold) return []
  const asked = Math.max(0, (isoDewPoint(Math.max(1, pressureOf(coldest.inside))) - cold) / (warm - cold))
  const share = (film + sum(resistances.slice(0, board + 1))) / total
  return [
    {
      ...{ rule: "outer-share", warns: share < asked },
      title:
        share < asked
          ? `Too little insulation outside the ${named(layers[board]!)}: its inner face is below the dew point in the coldest month.`
          : `Enough insulation outside the ${named(layers[board]!)} keeps it above the dew point in the coldest month.`,
      reason: "The share of R outside it says how warm it stands between both airs. More outside, less inside, or drier air inside.",
      figures: [
        { name: "of R outside its inner face", kind: "percent", value: share },
        { name: "asked by the coldest month", kind: "percent", value: asked },
      ],
      source: "ISO 13788:2012, 5.3",
    },
  ]
}

/** An air space that is vented but too thin. */
const channel: Rule = ({ surface: { layers } }) =>
  layers.flatMap(({ layer, material }): Judgement[] =>
    material.class === "air" && layer.vents > 0 && layer.thickness < CHANNEL
      ? [
          {
            ...{ rule: "channel", warns: true, title: "The vent channel is too thin." },
            reason: "Batts swell and boards bow into it: it is to stay open from eave to ridge, with mesh that does not close it.",
            figures: [
              { name: "deep", kind: "length", value: layer.thickness },
              { name: "at least", kind: "length", value: CHANNEL },
            ],
            source: "DIN 4108-3:2018, 5.3 (20 mm); 25 mm as built",
          },
        ]
      : [],
  )

/** What a mesh against insects leaves open of what it covers: a coarse one three quarters, a fine one half. */
const BEHIND_MESH = 0.5
/** Free openings that a roof's vent asks for, of its area: half of them low at the eave and half high at the ridge. */
const FREE_AREA = 1 / 300

/** A roof's vent channel whose openings are too small for its area. */
const freeArea: Rule = ({ surface: { layers, face } }) => {
  if (face.part !== "roof") return []
  const { left, right } = boundsOf(face.outline)
  // Half of the openings lie along the eave, half along the ridge.
  const asked = (FREE_AREA * face.area) / 2 / (right - left)
  return layers.flatMap(({ layer, material }): Judgement[] => {
    if (material.class !== "air" || layer.vents === 0) return []
    const few = layer.vents * BEHIND_MESH < asked
    return [
      {
        ...{ rule: "free-area", warns: few },
        title: few ? "The roof’s openings are small for its area." : "The roof’s openings are large enough for its area, mesh and all.",
        reason:
          "Air is to come in along the eave and out along the ridge, as much at each. A mesh against insects leaves half to three quarters of what it covers; without a retarder inside, or with openings at one end only, twice as much is asked for.",
        figures: [
          { name: "open at each end", kind: "vents", value: layer.vents },
          { name: "of it free behind a fine mesh", kind: "vents", value: layer.vents * BEHIND_MESH },
          { name: "asked, a 300th of the roof’s area in all", kind: "vents", value: asked },
        ],
        source: "IRC 2021, R806.2 (1/300, else 1/150 of the area); local code decides",
      },
    ]
  })
}

/** Air inside as damp as a bath's: from this humidity on, and from so warm, °C. */
const [BATH_HUMIDITY, BATH_WARM] = [0.65, 18] as const

/** A bath, a laundry or a sauna within a warm skin. */
const wetRoom: Rule = ({ surface: { layers, ground }, water: { months } }) => {
  const warm = months.filter(({ inside, beyond }) => inside.temperature >= BATH_WARM && pressureOf(inside) > pressureOf(beyond))
  const damp = sum(warm.map(({ inside }) => inside.relativeHumidity)) / Math.max(1, warm.length)
  if (ground || warm.length < 6 || damp < BATH_HUMIDITY) return []
  const tightInside = layers.slice(-3).some(isTight)
  return [
    {
      ...{ rule: "wet-room", warns: !tightInside },
      title: tightInside
        ? "It is as damp inside as a bath; its tight layer lies within."
        : "It is as damp inside as a bath, and no tight layer lies within.",
      reason:
        "A bath, a laundry or a sauna asks for a sheet that lets next to no vapour through right behind its lining, every joint taped, and air let out while it is in use; tiles and splashed walls for a seal of their own.",
      figures: [{ name: "humidity inside in the mean of the warm months", kind: "percent", value: damp }],
      source: "DIN 4108-3:2018, 5.3 (rooms that are held damp ask for proof); DIN 18534-1:2017 (splashed walls)",
    },
  ]
}

/** A foil that touches something on both sides. */
const foil: Rule = ({ surface: { layers } }) =>
  idleFoils(layers).map((layer) => ({
    ...{ rule: "foil", warns: false, title: `The bright face of the ${named(layer)} touches something on both sides.` },
    reason: "It reflects only across an air space; here it is a vapour-tight sheet and no insulation.",
    figures: [],
    source: "ISO 6946:2017, annex D",
  }))

/** Fibre where it is let in with a warning only. */
const fibre: Rule = ({ kind, surface: { layers } }) => {
  if (kind !== "van" && kind !== "cold-room") return []
  const found = layers.find(({ material }) => material.class === "fibre")
  if (!found) return []
  return [
    {
      ...{
        rule: "fibre",
        warns: false,
        title: `${found.material.name} in a ${kind === "van" ? "vehicle" : "cold room"} holds what gets into it.`,
      },
      reason:
        "Boards or sprayed foam leave less room for damp air against the skin. Fibre asks for an unbroken tight layer on the warm side, and for a look behind it.",
      figures: [],
      source: "ISO 13788:2012, 6 (water through the months, above)",
    },
  ]
}

/** A lining of bare metal. */
const bareMetal: Rule = ({ surface: { layers } }) => {
  const inner = layers.at(-1)!
  if (inner.material.class !== "metal") return []
  return [
    {
      ...{ rule: "bare-metal", warns: layers.length === 1, title: `The ${named(inner)} inside takes up no water.` },
      reason: "Dew runs down it at once: a fleece or a board under it holds a night’s water and gives it back by day.",
      figures: [],
      source: "ISO 13788:2012, 5.1",
    },
  ]
}

/** A foil with holes, which lets vapour and air through. */
const holedFoil: Rule = ({ surface: { layers } }) =>
  layers
    .filter(({ layer }) => layer.material === "foil-perforated")
    .map((layer) => ({
      ...{ rule: "holed-foil", warns: !layers.some(isTight), title: `The ${named(layer)} holds no vapour back.` },
      reason:
        "Its holes let vapour through as a breather sheet does, and air at every lap: it is a bright face before an air space. What is to hold vapour back is another layer, on the warm side.",
      figures: [{ name: "as tight as still air of", kind: "length", value: layer.equivalentAirLayer }],
      source: "DIN 4108-3:2018, 3 (open to vapour up to 0.5 m)",
    }))

/** A slab sweats often from so many hours of the year on: a week. */
const OFTEN = 168

/** A floor on the ground that is colder than the dew point of mild, damp days. */
const slab: Rule = ({ kind, surface: { ground }, water, sweats }) => {
  // Outdoor air that gets into a cold room sweats on all of it: that is its doors' matter.
  if (!ground || !sweats || kind === "cold-room") return []
  const hours = sum(sweats)
  const most = sweats.indexOf(Math.max(...sweats))
  return [
    {
      ...{ rule: "slab", warns: hours > OFTEN },
      title:
        hours === 0
          ? "Outdoor air that is let in never sweats on this floor."
          : `Outdoor air that is let in sweats on this floor in ${hours} hours of the year, most in ${MONTHS[most]}.`,
      reason:
        hours > OFTEN
          ? "On mild, damp days keep doors shut, dry the air or warm the floor; insulation over the slab or under it keeps its face nearer to the air. What stands on it, boxes or a mat, is colder still below."
          : "Its face stays near enough to the air of damp days.",
      figures: [{ name: `its face in the mean of ${MONTHS[most]}`, kind: "temperature", value: faceOfMonths(water)[most]! }],
      source: "ISO 13788:2012, 5.1; ISO 13370:2017 (the ground)",
    },
  ]
}

/** Ground under a room below 0 °C that stays so through the years: °C where the floor meets it, and what it would take to keep it thawed. */
const frostHeave: Rule = ({ surface: { ground, layers }, water: { months } }) => {
  if (!ground) return []
  const inside = sum(months.map((month) => month.inside.temperature)) / months.length
  const far = months[0]!.beyond.temperature
  if (inside >= 0) return []
  const own = thermalTransmittance(transmittanceInput(layers, ground.direction, 0)).centreResistance
  const soil = Math.max(0.04, 1 / ground.uValue - own)
  const under = far - (soil / (soil + own)) * (far - inside)
  const asked = far > 0 ? (soil * -inside) / far : Infinity
  const heaves = under < 0
  return [
    {
      ...{
        rule: "frost-heave",
        warns: heaves,
        title: heaves
          ? "The ground under this floor freezes and can lift it."
          : "In the mean of the years the ground under this floor stays thawed.",
      },
      reason: heaves
        ? "Ice grows in damp soil year after year and lifts the slab, slowly and with great force. Insulation alone only delays it: air or gentle heat is led under the insulation (pipes with outdoor air, or a heating cable with a thermostat). An engineer decides."
        : "That holds for a steady room on dry ground; under a freezer air or gentle heat is led under the insulation all the same. An engineer decides.",
      figures: [
        { name: "where floor and ground meet, in the mean of the years", kind: "temperature", value: under },
        ...(heaves && Number.isFinite(asked)
          ? [{ name: "resistance of the floor that would keep it at 0 °C", kind: "resistance" as const, value: asked }]
          : []),
      ],
      source: "ISO 13370:2017, 7 (steady part, from the cold side)",
    },
  ]
}

const RULES: readonly Rule[] = [
  frostHeave,
  trapped,
  wrongSide,
  outerShare,
  channel,
  freeArea,
  wetRoom,
  slab,
  drive,
  fibre,
  foil,
  holedFoil,
  bareMetal,
]

/** What all rules say of a surface, what asks for a change first. */
export const judgements = (judged: Judged): Judgement[] =>
  RULES.flatMap((rule) => rule(judged)).sort((a, b) => Number(b.warns) - Number(a.warns))
