import { stackOf, thermalTransmittance } from "../core/assembly/thermal-transmittance"
import { AssemblyInput, AssemblyOutput } from "../schema/assembly"
import { operation } from "./operation"

/** Transmittance and profile of layers: `npm run calc assembly`. */
export const assembly = operation({
  name: "assembly",
  summary: "thermal transmittance of a build-up",
  input: AssemblyInput,
  output: AssemblyOutput,
  // The upper limit goes through every combination of members.
  work: ({ layers }) => 1 + 2 ** layers.filter(({ framing }) => framing).length / 2000,
  run: (input) => thermalTransmittance(stackOf(input)),
})
