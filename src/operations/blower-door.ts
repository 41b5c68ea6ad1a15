import { fitLeakage, oddExponent } from "../core/airflow/blower-door"
import { leakageAreaAt } from "../core/airflow/infiltration"
import { BlowerDoorInput, BlowerDoorOutput } from "../schema/blower-door"
import { operation } from "./operation"

/** Fit of a blower door's readings: `npm run calc blowerdoor`. */
export const blowerDoor = operation({
  name: "blowerdoor",
  summary: "fit of a multi-point blower-door test",
  input: BlowerDoorInput,
  output: BlowerDoorOutput,
  run: ({ points, mode, volume, envelopeArea, insideTemperature, outsideTemperature }) => {
    // A fan that draws air out has the indoor air in it, and outdoor air in the leaks.
    const [leak, fan] = mode === "depressurise" ? [outsideTemperature, insideTemperature] : [insideTemperature, outsideTemperature]
    const fit = fitLeakage(points, leak, fan)
    const at = (pressure: number) => fit.coefficient * pressure ** fit.exponent
    const odd = oddExponent(fit.exponent)
    return {
      ...fit,
      flow50: at(50),
      ...(volume === undefined ? {} : { ach50: (at(50) / volume) * 3600 }),
      ...(envelopeArea === undefined ? {} : { q50: at(50) / envelopeArea }),
      elaFourPascal: leakageAreaAt(at(4)),
      notes: odd === null ? [] : [{ code: "exponent", text: odd }],
    }
  },
})
