import { bridge as bridgeFlows } from "../core/conduction/bridge"
import { BridgeInput, BridgeOutput } from "../schema/bridge"
import { operation } from "./operation"

/** Steady conduction in two dimensions: `npm run calc bridge`. */
export const bridge = operation({
  name: "bridge",
  summary: "steady conduction in two dimensions: a thermal bridge",
  input: BridgeInput,
  output: BridgeOutput,
  work: ({ blocks }) => 20 + 2 * blocks.length,
  run: bridgeFlows,
})
