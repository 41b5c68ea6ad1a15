import type { Consumable, ConsumablesOutput } from "../../schema/consumables"

/** What is used up of something, in its own measure; with waste; and in packs. */
export type Used = ConsumablesOutput["lines"][number]

/** Rounding of packs. */
const ROUNDING = 1e-9

/** How much is used of something that is not counted in pieces, and how many packs hold it. */
export function consumed(line: Consumable): Used {
  const { amount, each, share, ...more } = amountOf(line)
  const bought = (amount * (1 + line.waste)) / share
  return { id: line.id, amount, bought, packs: Math.ceil(bought / each - ROUNDING), ...more }
}

interface Amount {
  amount: number
  /** What a pack gives. */
  each: number
  /** Of what is bought so much is not lost under laps. */
  share: number
  passes?: number
  blown?: number
}

function amountOf(line: Consumable): Amount {
  switch (line.kind) {
    case "bead":
      return { amount: (line.length * Math.PI * line.diameter ** 2) / 4, each: line.pack, share: 1 }
    case "coat":
      return { amount: line.area * line.perArea, each: line.pack, share: 1 }
    case "tape":
      return { amount: line.length, each: line.pack, share: 1 }
    case "membrane":
      return { amount: line.area, each: line.rollWidth * line.rollLength, share: Math.max(0.1, 1 - line.lap / line.rollWidth) }
    case "bags":
      return { amount: line.area * line.depth * line.density, each: line.pack, share: 1, blown: line.depth / (1 - line.settling) }
    case "spray":
      return { amount: line.area * line.depth, each: line.pack, share: 1, passes: Math.ceil(line.depth / line.lift - ROUNDING) }
    case "gaps":
      return { amount: line.length * line.width * line.depth, each: line.pack, share: 1 }
  }
}
