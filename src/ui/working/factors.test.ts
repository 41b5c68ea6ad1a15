import { expect, test } from "@jest/globals"
import { factor, workingLine } from "../../core/working"
import { writingOf } from "../writing/writing"
import { factorsText } from "./factors"

test("a layer's R is d ÷ λ in metres, and inches times R an inch in feet: the same sum, as printed", () => {
  // 120 mm of λ 0.035: 0.12 ÷ 0.035 = 3.43. In inches 4.724 × (0.144228 ÷ 0.035 = 4.12) = 19.5 h·ft²·°F/Btu, which is 3.43 m²·K/W.
  const line = workingLine(
    "Stone wool",
    ["resistance", 0.12 / 0.035],
    undefined,
    [factor("d", "length", 0.12), factor("λ", "conductivity", 0.035)],
    "÷",
  )
  expect(factorsText(line, writingOf("metric", "EUR"))).toBe("d 120\u00a0mm ÷ λ 0.035\u00a0W/(m·K)")
  expect(factorsText(line, writingOf("inch-pound", "USD"))).toBe('d 4 3/4" × 4.12\u00a0R an inch')
})
