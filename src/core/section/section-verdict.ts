import { inSentence } from "../in-sentence"
import { amount, capital, DRY, type DampVerdict, fillingOf, monthWords, worstVerdict } from "../moisture/damp-verdict"
import { sum } from "../numeric/sum"
import type { SectionLayer, SectionModel } from "./section-model"
import { takesRain } from "./section-sides"
import type { LayerYear, SectionYears } from "./section-years"

/** A month is a wet one where a layer is wet for so many of its hours. */
const WET_HOURS = 120
/** Wood that is wet for longer in a year can rot, h: eight weeks. @see EN 335:2013, 4 (use class 2: now and then; 3: often) */
const ROTS = 8 * 168
/** A layer that ends a year by so much more than the last, of what it bears, is wetter from year to year. */
const RISES = 0.02
/** From this index on mould is seen with the naked eye. @see Hukka and Viitanen (1999), table 1 */
const SEEN = 3

/** Who reads a verdict of years knows its layers by these names. */
type Named = readonly { material: { name: string } }[]

/**
 * The verdict on a section through its years: that of its last year, the worst layer's. A skin that rain falls on is wet outside as such skins
 * are: what lies behind it is judged.
 * @param layers those of the model, with their names
 */
export function sectionVerdict(model: SectionModel, told: SectionYears, layers: Named, of: string): DampVerdict {
  const last = told.years.at(-1)!
  const before = told.years.at(-2)
  return worstVerdict([
    { ...DRY, sentence: "Nothing in it stays wet, and no mould comes to be seen." },
    ...model.layers.flatMap((layer, i) => {
      if (i === 0 && takesRain(model)) return []
      const rises = told.repeats ? 0 : last[i]!.end - (before?.[i]?.end ?? last[i]!.end)
      return [layerVerdict(layer, last[i]!, rises, inSentence(layers[i]!.material.name), of)]
    }),
  ])
}

/** Whether a section must not stay so. */
export const harmed = (model: SectionModel, told: SectionYears): boolean =>
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
  const months = year.wet.flatMap((hours, month) => (hours > WET_HOURS ? [month] : []))
  const share = year.free / bearable
  const rising = rises > RISES * bearable
  const gathers = months.length === 12 || (rising && months.length > 0)
  const rots = wood && sum(year.wet) > ROTS
  const harms = moulds || rots || (!wood && share > 1) || (gathers && rising)
  if (months.length === 0 && !moulds) return DRY
  const when = monthWords(months)
  const freezes = year.frost > WET_HOURS
  const wet = wood
    ? `the ${name} of the ${of} holds more than 20 % of its mass in water, ${Math.round(year.wettest! * 100)} % at most`
    : `water lies free in the ${name} of the ${of}${freezes ? " and freezes there" : ""}: ${amount(share)} what may lie there`
  const sentences = [
    ...(months.length > 0 ? [`${capital(when)} ${wet}${dries(months.length, rising)}.`] : []),
    ...(moulds ? [`Mould comes to be seen on the ${name}.`] : []),
  ]
  const filling = gathers ? "gathers" : fillingOf(months)
  return {
    ...DRY,
    ...{ filling, freezes, moulds: moulds || rots, harms, where: name, months, season: "winter" },
    words: words(filling, when, moulds, rising),
    short: moulds ? "mould" : filling === "dry" ? "dry" : "wet",
    sentence: sentences.join(" "),
  }
}

function dries(months: number, rising: boolean): string {
  if (rising) return ", and each year more"
  return months === 12 ? ", each year as much" : ", then it dries"
}

function words(filling: DampVerdict["filling"], when: string, moulds: boolean, rising: boolean): string {
  if (filling === "dry") return "can mould"
  const wet = filling === "gathers" ? (rising ? "wetter from year to year" : "wet all year") : `wet ${when}, then dry`
  return moulds ? `${wet}, moulds` : wet
}
