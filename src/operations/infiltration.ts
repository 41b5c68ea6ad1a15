import { infiltration as through, stackCoefficient, windCoefficient } from "../core/airflow/infiltration"
import { InfiltrationInput, InfiltrationOutput } from "../schema/infiltration"
import { operation } from "./operation"

/** From a blower door to air changes: `npm run calc infiltration`. */
export const infiltration = operation({
  name: "infiltration",
  summary: "from a blower door to air changes",
  input: InfiltrationInput,
  output: InfiltrationOutput,
  run: ({ flow50, ach50, volume, height, shelter, stack, wind, ...weather }) => {
    const { flow, leakageArea } = through({
      ...weather,
      flow50: flow50 ?? (ach50! * volume) / 3600,
      stack: stack ?? stackCoefficient(height),
      wind: wind ?? windCoefficient(height, shelter),
    })
    return {
      flow,
      ach: (flow / volume) * 3600,
      elaFourPascal: leakageArea,
      notes: [
        {
          code: "basic-model",
          text: "Basic model of the ASHRAE handbook (Fundamentals 2017, ch. 16): stack and wind added under the root, leaks spread evenly, no fans.",
        },
      ],
    }
  },
})
