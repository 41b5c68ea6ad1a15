import { MONTHS } from "../climate/design-day"
import type { Enclosure } from "../enclosure/enclosure"
import { sum } from "../numeric/sum"
import { factor, input, quantityOf, type Working, workingLine } from "../working"
import { noteIf } from "../../schema/note"
import type { YearEnergy } from "./year-energy"

/** How the energy of a year was got, month by month. */
export function yearWorking({ year, conditions }: { year: YearEnergy } & Pick<Enclosure, "conditions">): Working {
  const { model, figures, months, total } = year
  const held = ({ setpoint }: { setpoint: number }, name: string) => input(name, "temperature", setpoint, "brief")
  return {
    title: "A year of energy",
    formula: "Q = Σ hours Φ·Δt, with Φ what holds the air at its temperature",
    lines: months.map(({ heating, cooling }, i) => {
      const factors = [factor("heating", "energy", heating), factor("cooling", "energy", cooling)]
      return workingLine(MONTHS[i]!, ["energy", heating + cooling], undefined, factors, "+")
    }),
    total: quantityOf("energy", total),
    ofIt: [{ name: "Heating alone, as a fuel is metered", quantity: quantityOf("fuel", sum(months.map(({ heating }) => heating))) }],
    inputs: [
      ...(model.heater ? [held(model.heater, "Heated to")] : []),
      ...(model.cooler ? [held(model.cooler, "Cooled to")] : []),
      ...conditions.station.monthlyTemperature.map((mean, i) => input(`${MONTHS[i]}, mean outdoors`, "temperature", mean, "brief")),
    ],
    method: `Stepped through 8,760 hours of ${typeof model.weather === "string" ? "an invented year" : "a year of weather"} of ${conditions.station.name}: layers store heat, the sun shines on faces and through glass, the sky takes heat by night, air leaks by wind and warmth, people and machines are there in their hours. Held day and night.`,
    source: "ISO 52016-1:2017, 6.5 (heat balance of a zone by hours); Hay and Davies 1980 (sun on tilted faces)",
    notes: [
      ...noteIf(
        figures === null,
        "about",
        "Still about: the last year that was stepped through, and by how much the months’ means say that it changes.",
      ),
      ...noteIf(model.heater === null, "no-heater", "Nothing is heated: the brief has no heater."),
      ...noteIf(model.cooler === null, "no-cooler", "Nothing is cooled: the brief has no cooler."),
    ],
  }
}
