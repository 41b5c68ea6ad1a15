import { expect, test } from "@jest/globals"
import { boardMoves, settlingMoisture } from "./board-moves"

test("wood settles at the handbook's figures: 9.2 % in air of 21 °C and 50 %, 16.0 % at 80 %", () => {
  // Wood Handbook FPL-GTR-282, table 4-2: 21.1 °C; 50 % humid 9.2 %, 80 % humid 16.0 %.
  const [dry, damp] = settlingMoisture([
    { temperature: 21.1, relativeHumidity: 0.5 },
    { temperature: 21.1, relativeHumidity: 0.8 },
  ])
  expect(dry).toBeCloseTo(0.092, 3)
  expect(damp).toBeCloseTo(0.16, 3)
})

test("a fir board of 140 mm laid at 12 % where it settles between 8 and 15 %: narrower by 1.4 mm, wider by 1.1 mm, by hand", () => {
  // 140·0.076·4/30 = 1.419 mm; 140·0.076·3/30 = 1.064 mm; sawn across the rings by 0.048 in place of 0.076.
  const board = { species: "douglas-fir", sawn: "flat", width: 0.14, reading: 0.12 } as const
  const settles = [0.08, 0.1, 0.15]
  const { narrower, wider } = boardMoves(board, settles)
  expect(narrower.by).toBeCloseTo(0.001419, 6)
  expect(narrower.month).toBe(0)
  expect(wider.by).toBeCloseTo(0.001064, 6)
  expect(wider.month).toBe(2)
  expect(boardMoves({ ...board, sawn: "quarter" }, settles).narrower.by).toBeCloseTo((0.001419 * 0.048) / 0.076, 6)
  expect(boardMoves({ ...board, reading: 0.25 }, settles).wider.by).toBe(0)
})
