import { MONTHS } from "../../../core/climate/design-day"
import type { Kind } from "../../../core/quantity/measure"
import type { OffGridYear } from "../../../core/plant/off-grid-year"
import { timeWords } from "./plant-sentence"

/** Whether battery and panel hold through the year, in plain sentences. */
export function offGridSentences(year: OffGridYear, generator: boolean, write: (kind: Kind, value: number) => string): string[] {
  const { worst, usedADay, madeADay, lasts, carried, panelNeeded, running, dark } = year
  const month = MONTHS[worst]!
  return [
    lasts === null
      ? "Nothing is used of the battery."
      : `A day in ${month} takes ${write("charge", usedADay)} and the panel makes ${write("charge", madeADay)}: without sun the battery lasts ${timeWords(lasts)}.`,
    ...(panelNeeded === null
      ? []
      : [
          `The panel makes what is used in ${monthsWords(carried)}; to carry ${month} alone it would have to be of ${write("power", panelNeeded)}.`,
        ]),
    ...(carried.every(Boolean) && lasts !== null ? ["The panel makes what is used in every month."] : []),
    ...(generator && running > 0 ? [`The generator runs ${Math.round(running)} hours a year.`] : []),
    dark > 0 ? `Power is missing in ${dark} hours of the year.` : "Power is missing in no hour of the year.",
  ]
}

/** Months in a row as from one to the other; the year goes round. */
export function monthsWords(carried: readonly boolean[]): string {
  if (carried.every(Boolean)) return "every month"
  const runs: string[] = []
  for (const [first, is] of carried.entries()) {
    if (!is || carried[(first + 11) % 12]) continue
    let length = 1
    while (carried[(first + length) % 12]) length++
    const last = (first + length - 1) % 12
    runs.push(
      length === 1 ? MONTHS[first]! : length === 2 ? `${MONTHS[first]!} and ${MONTHS[last]!}` : `${MONTHS[first]!} to ${MONTHS[last]!}`,
    )
  }
  return runs.length > 0 ? runs.join(", ") : "no month"
}
