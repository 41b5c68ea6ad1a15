import { factor, quantityOf, type Working, type WorkingLine } from "../working"
import type { Enclosure } from "../enclosure/enclosure"
import type { SteadyYear } from "./year"

const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
] as const

/** How the energy of a year was got, month by month. */
export function yearWorking({ year, conditions }: { year: SteadyYear } & Pick<Enclosure, "conditions">): Working {
  return {
    title: "A year of heat and cold",
    formula: "Q = Σ months |Σ H·(θi − θm)| · t",
    lines: year.months.map(({ heating, cooling }, i): WorkingLine => ({
      name: `${MONTHS[i]}, mean ${conditions.station.monthlyTemperature[i]!.toFixed(1)} °C`,
      factors: [factor("heat in", "energy", heating), factor("heat out", "energy", cooling)],
      operator: "+",
      result: quantityOf("energy", heating + cooling),
    })),
    total: quantityOf("energy", year.total),
    inputs: [
      {
        name: "Inside, winter",
        quantity: quantityOf("temperature", conditions.winter.inside.temperature),
        from: { of: "brief" },
      },
      {
        name: "Inside, summer",
        quantity: quantityOf("temperature", conditions.summer.inside.temperature),
        from: { of: "brief" },
      },
    ],
    method:
      "Monthly means, held inside temperatures every day, no sun, no people: a yardstick between build-ups, not a bill. Swings within a month are not seen.",
    source: "Accumulated temperature differences, ISO 15927-6:2007, by months",
    notes: [],
  }
}
