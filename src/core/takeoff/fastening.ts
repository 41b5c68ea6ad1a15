import type { FastenInput, FastenOutput } from "../../schema/fasten"
import { type Noted, noteIf } from "../../schema/note"

/** Threads in wood by their diameter. @see EN 1995-1-1:2004, 8.7.2 (3): at least six diameters */
const IN_WOOD = 6
/** A screw that drills its own hole in metal comes out so far on the other side; one in masonry reaches so deep, m. */
const [PAST_METAL, IN_MASONRY] = [0.01, 0.04] as const
/** Rounding of lengths, m. */
const ROUNDING = 1e-9

/**
 * Screws through boards: as long as what they go through and their embedment, of the lengths that are sold the shortest; in lines on members, along
 * both ends of each board and within it.
 */
export function fastening(input: FastenInput): Noted<FastenOutput> {
  const { thickness, base, lengths, board, area, members, edge, field = edge, washers, waste } = input
  const asked = embedmentIn(input)
  const needed = thickness + asked
  const length = [...lengths].sort((a, b) => a - b).find((one) => one >= needed - ROUNDING) ?? null
  const lines = Math.ceil(board.length / members - ROUNDING) + 1
  const along = (spacing: number) => Math.ceil(board.width / spacing - ROUNDING) + 1
  const perBoard = 2 * along(edge) + (lines - 2) * along(field)
  const perArea = perBoard / (board.length * board.width)
  const count = Math.ceil(area * perArea * (1 + waste) - ROUNDING)
  const out = length === null ? 0 : length - thickness - base.thickness
  return {
    ...{ needed, length, perBoard, perArea, count },
    embedment: length === null ? null : length - thickness,
    washers: washers ? count : 0,
    notes: [
      ...noteIf(length === null, "too-short", "None that is sold is long enough: fix boards to battens, or in two layers."),
      ...noteIf(
        base.kind !== "metal" && out > ROUNDING,
        "comes-out",
        `The tip comes out behind what holds it, by ${(out * 1000).toFixed(0)} mm.`,
      ),
      { code: "rule", text: "A rule to buy by, no proof against wind or load: the maker's data and an engineer say what must hold." },
    ],
  }
}

/** How far a screw must reach into what holds it, m. */
function embedmentIn({ embedment, base, diameter }: FastenInput): number {
  if (embedment !== undefined) return embedment
  if (base.kind === "wood") return IN_WOOD * diameter
  return base.kind === "metal" ? base.thickness + PAST_METAL : IN_MASONRY
}
