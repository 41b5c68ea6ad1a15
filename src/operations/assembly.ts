import { stackOf, thermalTransmittance } from "../core/assembly/thermal-transmittance"
import { AssemblyInput, AssemblyOutput } from "../schema/assembly"
import { operation } from "./operation"

/** Transmittance and profile of layers: `npm run calc assembly`. */
export const assembly = operation({
  name: "assembly",
  summary: "thermal transmittance of a build-up",
  input: AssemblyInput,
  output: AssemblyOutput,
  run: (input) => thermalTransmittance(stackOf(input)),
})
