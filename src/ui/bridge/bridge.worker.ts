import { bridgeFigures, solvedBody } from "../../core/conduction/bridge"
import { type TemperaturePicture, temperaturePicture } from "../../core/conduction/picture"
import type { BridgeInput, BridgeOutput } from "../../schema/bridge"

/** A solved detail: its figures, and its temperatures as a picture shows them. */
export interface SolvedDetail {
  output: BridgeOutput
  picture: TemperaturePicture
}

/** What the worker says: how large the mesh is that it is at, then the result. */
export type Saying = { cells: number } | { solved: SolvedDetail }

const say = (saying: Saying) => postMessage(saying)

addEventListener("message", ({ data: body }: MessageEvent<BridgeInput>) => {
  const solved = solvedBody(body, (cells) => say({ cells }))
  say({ solved: { output: bridgeFigures(body, solved), picture: temperaturePicture(body, solved) } })
})
