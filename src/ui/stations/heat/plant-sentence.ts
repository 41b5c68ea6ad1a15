import type { CoolDown } from "../../../core/hourly/cool-down"
import type { YearFigures } from "../../../core/hourly/year"
import type { YearModel } from "../../../core/hourly/year-model"
import { sum } from "../../../core/numeric/sum"
import { FUELS, fuelAmount } from "../../../core/plant/fuel"
import type { Kind } from "../../../core/quantity/measure"

/** From so many times what is asked a plant is too large to work well. */
const OVERSIZE = 2

interface Asked {
  /** W that it must give or take out, and what the plant of the brief can; null: none is said. */
  asked: number
  capacity: number | null
  /** °C that it is to hold inside. */
  held: number
  write: (kind: Kind, value: number) => string
}

const times = (ratio: number) => (ratio < 10 ? ratio.toFixed(1) : ratio.toFixed(0))

/** How the inside is brought back after nobody was there: W asked then, and in how many hours. */
interface Back {
  asked: number
  hours: number
}

/** Whether the heater is enough on the worst night, and to bring the inside back, in one sentence. @param back null: it is held all along */
export function heaterSentence({ asked, capacity, held, write }: Asked, back: Back | null = null): string {
  const more = back && back.asked > asked ? back : null
  const within = more && `warm up to ${write("temperature", held)} ${more.hours < 1 ? "at once" : `in ${hoursOf(more.hours)}`}`
  if (asked <= 0) return "Nothing is lost on the worst night: no heater is asked for."
  if (capacity === null)
    return within
      ? `A heater must give ${write("power", asked)} on the worst night, and ${write("power", more.asked)} to ${within}.`
      : `A heater must give ${write("power", asked)} on the worst night, and more to warm up a cold start.`
  if (capacity < asked)
    return `The heater is ${write("power", asked - capacity)} short on the worst night: it gives ${write("power", capacity)} of ${write("power", asked)}.`
  if (more && capacity < more.asked)
    return `The heater holds ${write("temperature", held)} on the worst night, but to ${within} it would have to give ${write("power", more.asked)}: it gives ${write("power", capacity)}.`
  const most = more?.asked ?? asked
  if (capacity > OVERSIZE * most)
    return `The heater gives ${times(capacity / most)} times what the worst night asks: it will run low or stand most of the time.`
  return `The heater holds ${write("temperature", held)} on the worst night, with ${write("power", capacity - most)} to spare${more ? ` as it warms up in ${hoursOf(more.hours)}` : ""}.`
}

const hoursOf = (hours: number): string => (Math.round(hours) === 1 ? "an hour" : `${Math.round(hours)} hours`)

/** How long a cold start takes, in one sentence. @param time s, null: not within three days; `reached` °C by then */
export function warmUpSentence({ time, reached }: { time: number | null; reached: number }, held: number, write: Asked["write"]): string {
  if (time === null)
    return `From as cold as outdoors it does not come to ${write("temperature", held)} within three days: by then it is ${write("temperature", reached)}.`
  return `From as cold as outdoors it takes about ${timeWords(time)} to come to ${write("temperature", held)}.`
}

/** A time as one says it: minutes up to ten hours, days from two of them. @param time s */
export function timeWords(time: number): string {
  if (time >= 60 * 3600) return `${Math.round(time / 86_400)} days`
  const minutes = Math.round(time / 60)
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60]
  if (hours >= 10) return `${Math.round(minutes / 60)} hours`
  return `${hours > 0 ? `${hours} h ` : ""}${rest > 0 || hours === 0 ? `${rest} min` : ""}`.trim()
}

/** How long water holds out in the cold, in one sentence. */
export function freezingSentence(
  { toFreezing, toSolid, heaterNeeded }: { toFreezing: number | null; toSolid: number | null; heaterNeeded: number },
  vessel: "tank" | "pipe",
  write: Asked["write"],
): string {
  if (toFreezing === null || toSolid === null) return "It does not freeze."
  return `The ${vessel} begins to freeze after about ${timeWords(toFreezing)} and is solid after ${timeWords(toSolid)}; ${write("power", heaterNeeded)} of heat in it keep it from freezing.`
}

interface Trial extends Pick<Asked, "held" | "write"> {
  /** kg */
  water: number
  /** for which the door stood open */
  minutes: number
}

/** How a room comes to be cold: its air, the water in it, and again after its door stood open. */
export function coolDownSentences({ air, water, soon, opened }: CoolDown, trial: Trial): string[] {
  const { held, write } = trial
  const first = `After half an hour the air is at ${write("temperature", soon)}.`
  if (air === null) return [first, `It does not come to ${write("temperature", held)} within six days like the hottest.`]
  const drums = water === null ? "does not come so far within six days" : `is within a degree of it after ${timeWords(water)}`
  return [
    first,
    `The air holds ${write("temperature", held)} after ${timeWords(air)}${trial.water > 0 ? `; the water in the drums ${drums}` : ""}.`,
    ...(opened
      ? [
          `With the door open for ${trial.minutes} minutes at two in the afternoon the air comes to ${write("temperature", opened.highest)}, ${
            opened.recovers === null ? "and is not cold again that day" : `and is cold again ${timeWords(opened.recovers)} after it is shut`
          }.`,
        ]
      : []),
  ]
}

/** Whether the cooler is enough on the hottest day, in one sentence. @param hottest W that comes in at the hottest hour */
export function coolerSentence({ asked, capacity, held, write }: Asked, hottest: number): string {
  if (asked <= 0) return "No hour of the hottest day asks for a cooler."
  if (capacity === null) return `A cooler must take out ${write("power", asked)} to hold ${write("temperature", held)} on the hottest day.`
  if (capacity < asked)
    return `The cooler is ${write("power", asked - capacity)} short on the hottest day: it takes out ${write("power", capacity)} of ${write("power", asked)}.`
  if (capacity > OVERSIZE * asked)
    return `The cooler takes out ${times(capacity / asked)} times what the hottest day asks: it will run in short bursts, and dry the air little.`
  const minutes = Math.max(1, Math.round((60 * hottest) / capacity))
  return `The cooler holds ${write("temperature", held)} on the hottest day, running ${minutes} minutes of the hottest hour.`
}

/** What heater and cooler come to in a year's hours, and how far the inside goes where there is none of either. */
export function yearSentences(
  { heater, cooler }: Pick<YearModel, "heater" | "cooler">,
  figures: YearFigures,
  write: Asked["write"],
): string[] {
  const { hours, short, lowest, highest } = figures
  const plant = (name: string, way: "heating" | "cooling", capacity: number | null): string[] => {
    const runs = `The ${name} runs in ${hoursWords(hours[way])}`
    if (capacity === null || hours[way] === 0) return [`${runs}.`]
    return [`${runs}${short[way] === 0 ? ", and is enough in all of them" : ` and is too small in ${hoursWords(short[way])}`}.`]
  }
  return [
    ...(heater
      ? plant("heater", "heating", heater.capacity)
      : [`Nothing heats: it gets as cold as ${write("temperature", lowest)} inside.`]),
    ...(cooler
      ? plant("cooler", "cooling", cooler.capacity)
      : [`Nothing cools: it gets as warm as ${write("temperature", highest)} inside.`]),
  ]
}

/** What heater and cooler take of what they run on in a year; nothing of a machine of which nothing is said. */
export function takenSentences(
  { heater, cooler }: Pick<YearModel, "heater" | "cooler">,
  { taken, fans, below }: YearFigures,
  write: Asked["write"],
): string[] {
  const of = (plant: YearModel["heater"], way: "heating" | "cooling"): string[] => {
    const energy = sum(taken.map((month) => month[way]))
    if (!plant?.machine || energy <= 0) return []
    const { name, energy: fuel } = plant.machine
    const onAndOff = below[way] > 0 ? `; it goes on and off in ${hoursWords(below[way])}, asked for less than it can run down to` : ""
    return [`${name}: ${write(FUELS[fuel].kind, fuelAmount(fuel, energy))} of ${FUELS[fuel].name} a year${onAndOff}.`]
  }
  const blown = fans > 0 ? [`Fans and pumps: ${write("energy", fans)} of electricity.`] : []
  return [...of(heater, "heating"), ...of(cooler, "cooling"), ...blown]
}

const hoursWords = (hours: number): string => (hours === 0 ? "no hour" : hours === 1 ? "one hour" : `${hours} hours`)
