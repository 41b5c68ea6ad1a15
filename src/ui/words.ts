import type { Obstacle } from "../core/ledger/in-the-way"
import type { Writing } from "./writing/writing"

/** What stands in a job's way, in words. */
export function obstacleWords(obstacle: Obstacle, { write }: Writing): string {
  if (obstacle.kind === "misfit") return obstacle.message
  if (obstacle.kind === "damp") return `${obstacle.face.toLowerCase()}: ${obstacle.words}`
  const by = write(obstacle.quantity, obstacle.by)
  return {
    height: `height short by ${by}`,
    weight: `too heavy by ${by}`,
    money: `money over by ${by}`,
    loss: `loses ${by} more than the plant gives`,
    gain: `gains ${by} more than the plant takes out`,
  }[obstacle.limit]
}
