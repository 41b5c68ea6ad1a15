import { describe, expect, test } from "@jest/globals"
import { writingOf } from "./writing"

const plain = (text: string) => text.replaceAll("\u00a0", " ")

describe("how quantities are written", () => {
  // By definition: 1 Btu/h = 0.29307107 W, 1 lb = 0.45359237 kg, 1 ft = 0.3048 m; 20 °C = 68 °F, a difference of 10 K = 18 °F.
  test.each([
    { kind: "power", value: 293.07107, metric: "293 W", feet: "1,000 Btu/h" },
    { kind: "mass", value: 45.359237, metric: "45.4 kg", feet: "100 lb" },
    { kind: "area", value: 9.290304, metric: "9.29 m²", feet: "100 ft²" },
    { kind: "temperature", value: 20, metric: "20 °C", feet: "68 °F" },
    { kind: "length", value: 1.2192, metric: "1 219 mm", feet: "4'" },
  ] as const)("$kind, in both systems", ({ kind, value, metric, feet }) => {
    expect(plain(writingOf("metric", "EUR").write(kind, value))).toBe(metric)
    expect(plain(writingOf("inch-pound", "USD").write(kind, value))).toBe(feet)
  })

  test("a figure, its unit, and both together say the same", () => {
    for (const writing of [writingOf("metric", "EUR"), writingOf("inch-pound", "USD")])
      for (const kind of ["power", "mass", "area", "resistance", "temperature"] as const)
        expect(plain(writing.write(kind, 12.5))).toBe(`${plain(writing.figure(kind, 12.5))} ${plain(writing.unit(kind))}`.trim())
  })
})
