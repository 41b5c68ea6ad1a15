import { inSentence } from "../in-sentence"
import { amount, capital, DRY, type DampVerdict, fillingOf, LIFETIME, monthWords, stepWords, worstVerdict } from "../moisture/damp-verdict"
import { SEEN } from "../moisture/mould-index"
import { sum } from "../numeric/sum"
import type { SectionLayer, SectionModel } from "./section-model"
import { takesRain } from "./section-sides"
import { type LayerYear, type YearsOutcome } from "./section-years"

/** A month is a wet one where a layer is wet for so many of its hours. */
const WET_HOURS = 120
/** Wood that is wet, and damp and warm enough to rot, for longer in a year does so, h: eight weeks. @see EN 335:2013, 4 (use class 2: now and then; 3: often) */
const ROTS = 8 * 168
/** Boards differ by so much about what they hold at one humidity that only above this, by mass, are they plainly over 20 %. */
const OVER_WET = 0.23
/** A layer that ends a year wetter than the last by less than this, of what it bears, settles. */
const SETTLES = 0.005
/** Less than this runs out unseen, kg/m² in a year. */
const RUNS = 0.05
/** Freezing so often in a year, fuller than frost lets it be, breaks a skin. */
const BREAKS = 1

/** Who reads a verdict of years knows its layers by these names. */
type Named = readonly { material: { name: string } }[]

/**
 * The verdict on a section through its years: that of its last year, the worst layer's. A skin that rain falls on is wet as such skins are: it
 * may be for as long as it dries in the year and no frost breaks it.
 * @param layers those of the model, with their names
 */
export function sectionVerdict(model: SectionModel, told: Pick<YearsOutcome, "years" | "repeats">, layers: Named, of: string): DampVerdict {
  const last = told.years.at(-1)!
  const before = told.years.at(-2)
  return worstVerdict([
    { ...DRY, sentence: "Nothing in it stays wet, and no mould comes to be seen." },
    ...model.layers.flatMap((layer, i) => {
      const rises = told.repeats ? 0 : last[i]!.end - (before?.[i]?.end ?? last[i]!.end)
      const name = inSentence(layers[i]!.material.name)
      return [i === 0 && takesRain(model) ? skinVerdict(layer, last[i]!, rises, name, of) : layerVerdict(layer, last[i]!, rises, name, of)]
    }),
  ])
}

/** Whether a section must not stay so. */
export const harmed = (model: SectionModel, told: YearsOutcome): boolean =>
  sectionVerdict(
    model,
    told,
    model.layers.map(() => ({ material: { name: "" } })),
    "",
  ).harms

/** @param rises kg/m² by which it ended the last year wetter than the one before */
function layerVerdict(layer: SectionLayer, year: LayerYear, rises: number, name: string, of: string): DampVerdict {
  const { wood, mould, bearable, onGround } = layer
  if (onGround) return DRY
  const moulds = mould !== null && mould.organic && Math.max(...(year.mould ?? [0])) >= SEEN
  const months = wetMonths(year)
  const share = (year.free + year.drained) / bearable
  // What is not too much in a lifetime does not gather; nor does a board that settles with the air beside it.
  const grave = wood ? (year.wettest ?? 0) > OVER_WET : year.free + year.drained + LIFETIME * rises > bearable
  const rising = rises > SETTLES * bearable && grave
  const worsens = rising && months.length > 0
  const rots = wood && year.rot > ROTS && sum(year.wet) > ROTS
  const overfull = !wood && share > 1
  const harms = moulds || rots || overfull || worsens
  if (months.length === 0 && !moulds && !harms) return DRY
  const when = monthWords(months)
  const freezes = year.frost > WET_HOURS
  const wet = wood
    ? `the ${name} of the ${of} holds more than 20 % of its mass in water, ${(year.wettest! * 100).toFixed(1)} % at most`
    : `water lies free in the ${name} of the ${of}${freezes ? " and freezes there" : ""}: ${amount(share)} what may lie there`
  const sentences = [
    ...(months.length > 0 ? [`${capital(when)} ${wet}${dries(months.length, rising)}.`] : []),
    ...drainedWords(year, name, bearable),
    ...(moulds ? [`Mould comes to be seen on the ${name}.`] : []),
    ...(rots ? ["Wood that wet can rot."] : []),
  ]
  const filling = worsens || moulds || rots || (overfull && months.length === 12) ? "gathers" : fillingOf(months)
  const harmed = filling === "gathers" && !worsens
  return {
    ...DRY,
    ...{ filling, harmed, freezes, moulds: moulds || rots, harms, where: name, months, season: "winter" },
    words: `${stepWords({ filling, harmed })}: ${moulds ? `mould on ${name}` : rots ? `${name} can rot` : `water in ${name}`}`,
    sentence: sentences.join(" "),
  }
}

/** A skin in the rain: of it counts whether it dries, and what frost does to it. @param rises as for a layer */
function skinVerdict(layer: SectionLayer, year: LayerYear, rises: number, name: string, of: string): DampVerdict {
  const months = wetMonths(year)
  const breaks = year.cycles >= BREAKS
  if (months.length === 0 && !breaks) return DRY
  const stays = months.length === 12
  const rising = stays && rises > SETTLES * layer.bearable
  const filling = rising || breaks ? "gathers" : fillingOf(months)
  const harmed = filling === "gathers" && !rising
  const byMass = Math.round(100 * (layer.wood ? year.wettest! : year.most / layer.thickness / layer.material.density))
  return {
    ...DRY,
    ...{ filling, harmed, freezes: breaks, harms: rising || breaks, where: name, months, season: "winter" },
    words: `${stepWords({ filling, harmed })}: ${breaks ? `frost in wet ${name}` : `rain on ${name}`}`,
    sentence: [
      `Rain wets the ${name} of the ${of} ${monthWords(months)}: it holds ${byMass} % of its mass in water at most${rising ? ", each year more" : stays ? " and never dries" : ", and dries within the year"}.`,
      ...(breaks
        ? [
            `It freezes ${year.cycles === 1 ? "once" : `${year.cycles} times`} a year while it is fuller than frost lets it be: frost can break it.`,
          ]
        : []),
    ].join(" "),
  }
}

const wetMonths = ({ wet }: LayerYear): number[] => wet.flatMap((hours, month) => (hours > WET_HOURS ? [month] : []))

/** What runs out at the bottom in a year. */
const drainedWords = ({ drained }: LayerYear, name: string, bearable: number): string[] =>
  drained > RUNS
    ? [`More comes than the ${name} can hold: in a year ${amount(drained / bearable)} what may lie there runs down and out at the bottom.`]
    : []

function dries(months: number, rising: boolean): string {
  if (rising) return ", and each year more"
  return months === 12 ? ", each year as much" : ", then it dries"
}
