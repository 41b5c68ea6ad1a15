import type { EmcInput, EmcOutput } from "../../schema/emc"
import { type Noted, noteIf } from "../../schema/note"

/**
 * Moisture content at which wood neither takes up nor gives off water in air of a given state.
 * @param air temperature °C (fitted from −1 to 132), relative humidity 0…1
 * @returns kg of water per kg of dry wood
 * @see Wood Handbook, USDA FPL-GTR-282 (2021), ch. 4, eq. 4-5, Hailwood–Horrobin, SI coefficients
 */
export function woodEquilibrium(air: EmcInput): Noted<EmcOutput> {
  const { temperature: t, relativeHumidity: h } = air
  const w = 349 + 1.29 * t + 0.0135 * t ** 2
  const k = 0.805 + 0.000736 * t - 0.00000273 * t ** 2
  const k1 = 6.27 - 0.00938 * t - 0.000303 * t ** 2
  const k2 = 1.91 + 0.0407 * t - 0.000293 * t ** 2
  const kh = k * h
  const hydrated = (k1 * kh + 2 * k1 * k2 * kh ** 2) / (1 + k1 * kh + k1 * k2 * kh ** 2)
  const notes = [
    ...noteIf(t < -1 || t > 132, "outside-fit", "The equation is fitted from −1 to 132 °C; outside it is an extrapolation."),
    ...noteIf(
      h > 0.95,
      "near-saturation",
      "Above 95 % relative humidity the figure is uncertain: capillary water fills the wood near saturation.",
    ),
  ]
  return { moistureContent: (18 / w) * (kh / (1 - kh) + hydrated), notes }
}
