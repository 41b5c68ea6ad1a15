import type { Chain } from "./chain"
import { modesOf } from "./modes"
import { leftOf } from "./stages"

/** Parts that a step may be gone through in. */
const PARTS = [1, 2, 3, 4, 6, 8] as const
/** Of what a face comes to in the end, so much may be wrong of it at a step's end after a jump outside. */
const WRONG = 5e-4

/**
 * In how many parts a step is to be gone through, so that what fades about as fast as a step is long is followed: after a jump outside both
 * surfaces of every face stand at its end as they would if each mode faded exactly. Heavy faces need one; thin, light ones several.
 * @param step s
 */
export function stepParts(chains: readonly Chain[], step: number): number {
  const { first, rate, outside, inner, outer } = modesOf(chains)
  const wrong = (parts: number): number => {
    let worst = 0
    for (let f = 0; f + 1 < first.length; f++) {
      let [offIn, offOut, allIn, allOut] = [0, 0, 0, 0]
      for (let i = first[f]!; i < first[f + 1]!; i++) {
        const off = leftOf((rate[i]! * step) / parts) ** parts - Math.exp(-rate[i]! * step)
        const [atInner, atOuter] = [(inner[i]! * outside[i]!) / rate[i]!, (outer[i]! * outside[i]!) / rate[i]!]
        offIn += off * atInner
        offOut += off * atOuter
        allIn += atInner
        allOut += atOuter
      }
      if (allIn > 0) worst = Math.max(worst, Math.abs(offIn / allIn), Math.abs(offOut / allOut))
    }
    return worst
  }
  return PARTS.find((parts) => wrong(parts) <= WRONG) ?? PARTS.at(-1)!
}
