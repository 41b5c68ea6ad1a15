import type { HygroSide } from "../../schema/hygro"
import { type Table, tableOf, valueAt } from "./table"

/** What lies before a face, at any time. */
export interface Side {
  /** W/(m²·K) and kg/(m²·s·Pa); Infinity: the face is held at the air; 0: nothing passes */
  heatTransfer: number
  vapourTransfer: number
  temperature: Table
  humidity: Table
  /** W/m² and kg/(m²·s) */
  absorbed: Table
  rain: Table
}

/** What lies before a face at one time. */
export interface Before {
  temperature: number
  humidity: number
  absorbed: number
  rain: number
}

/** Of the vapour transfer to the heat transfer. @see EN 15026:2007, 6.2 */
const VAPOUR_SHARE = 6e-9

const courseOf = (figure: number | readonly (readonly [number, number])[]): Table =>
  tableOf(typeof figure === "number" ? [[0, figure]] : figure)

/** A side of the operation as the equations take it. */
export function sideOf({ heatTransfer, vapourTransfer, temperature, relativeHumidity, absorbed, rain }: HygroSide): Side {
  const heat = heatTransfer === "fixed" ? Infinity : heatTransfer
  const vapour = vapourTransfer ?? VAPOUR_SHARE * heat
  return {
    heatTransfer: heat,
    vapourTransfer: vapour === "fixed" ? Infinity : vapour === "sealed" ? 0 : vapour,
    temperature: courseOf(temperature),
    humidity: courseOf(relativeHumidity),
    absorbed: courseOf(absorbed ?? 0),
    rain: courseOf(rain ?? 0),
  }
}

/** What lies before it at a time, s. */
export const beforeAt = ({ temperature, humidity, absorbed, rain }: Side, time: number): Before => ({
  temperature: valueAt(temperature, time),
  humidity: valueAt(humidity, time),
  absorbed: valueAt(absorbed, time),
  rain: valueAt(rain, time),
})

/** Times at which something before it begins to change otherwise. */
export const bendsOf = ({ temperature, humidity, absorbed, rain }: Side): number[] =>
  [temperature, humidity, absorbed, rain].flatMap(({ xs }) => (xs.length > 1 ? [...xs] : []))
