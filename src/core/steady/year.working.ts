import { factor, input, quantityOf, type Working, workingLine } from "../working"
import type { Enclosure } from "../enclosure/enclosure"
import { sum } from "../numeric/sum"
import type { SteadyYear } from "./year"

const MONTHS = "January February March April May June July August September October November December".split(" ")

/** How the energy of a year was got, month by month. */
export function yearWorking({ year, conditions }: { year: SteadyYear } & Pick<Enclosure, "conditions">): Working {
  return {
    title: "A year of heat and cold",
    formula: "Q = Σ months |Σ H·(θi − θm)| · t",
    lines: year.months.map(({ heating, cooling }, i) => {
      const factors = [factor("heating", "energy", heating), factor("cooling", "energy", cooling)]
      return workingLine(MONTHS[i]!, ["energy", heating + cooling], undefined, factors, "+")
    }),
    total: quantityOf("energy", year.total),
    ofIt: [{ name: "Heating alone, as a fuel is metered", quantity: quantityOf("fuel", sum(year.months.map(({ heating }) => heating))) }],
    inputs: [
      input("Inside, winter", "temperature", conditions.winter.inside.temperature, "brief"),
      input("Inside, summer", "temperature", conditions.summer.inside.temperature, "brief"),
      ...conditions.station.monthlyTemperature.map((mean, i) => input(`${MONTHS[i]}, mean outdoors`, "temperature", mean, "brief")),
    ],
    method:
      "Monthly means, held inside temperatures every day, no sun, no people: a yardstick between build-ups, not a bill. Swings within a month are not seen.",
    source: "Accumulated temperature differences, ISO 15927-6:2007, by months",
    notes: [],
  }
}
