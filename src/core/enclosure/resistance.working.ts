import { inSentence } from "../in-sentence"
import type { SurfaceFigures } from "./surface-figures"
import { factor, input, quantityOf, type Source, type Working, workingLine, type WorkingLine } from "../working"
import { INDOOR_RESISTANCE, heatFlowDirection } from "../assembly/surface-resistance"
import { outdoorFilm, transmittanceLayers } from "../assembly/build-up"
import { layerResistance } from "../assembly/thermal-transmittance"
import { sum } from "../numeric/sum"

/** Thin places pass more than thick ones save. @see ISO 6946:2017, annex E */
const TAPERED = "Layers that taper: the mean of what passes counts, not of thickness"

/** How the built resistance of a face was got: the centre layer by layer, then what members take. */
export function resistanceWorking(figures: SurfaceFigures): Working {
  const direction = heatFlowDirection(figures.face.tilt, true)
  const from = { of: "build-up", surface: figures.id } as const
  const { winter, layers, ends } = figures
  const resistances = transmittanceLayers(layers).map((layer) => layerResistance(layer, direction))
  const rsi = INDOOR_RESISTANCE[direction]
  const rse = ends ? outdoorFilm(layers, figures.winterFilm, direction) : winter.centreResistance - rsi - sum(resistances)
  const plain = (name: string, value: number, source?: Source) => workingLine(name, ["resistance", value], source, [], "+")
  const lines: WorkingLine[] = [
    plain("Outdoor film Rse", rse),
    ...layers.map(({ layer, material, conductivity, declared, effectiveShare }, i): WorkingLine => {
      const value = resistances[i]!
      if (effectiveShare < 1)
        return plain(`${material.name}, ${Math.round(effectiveShare * 100)} % of it outside a vented space`, value, from)
      if (material.class === "air") return plain(material.name, value, from)
      const factors = [factor("d", "length", layer.thickness), factor("λ", "conductivity", conductivity)]
      const name = declared === material.conductivity.declared ? material.name : `${material.name}, pressed`
      return workingLine(name, ["resistance", value], from, factors, "÷")
    }),
    plain("Indoor film Rsi", rsi),
    ...(ends ? [plain(TAPERED, winter.centreResistance - rsi - rse - sum(resistances), from)] : []),
    plain("Centre of the cavity, air to air", winter.centreResistance),
    plain("Upper limit R′ (paths side by side)", winter.resistanceUpper),
    plain("Lower limit R″ (planes of one temperature)", winter.resistanceLower),
    workingLine(
      "Mean of the limits",
      ["resistance", winter.resistanceTotal],
      undefined,
      [factor("R′", "resistance", winter.resistanceUpper), factor("R″", "resistance", winter.resistanceLower)],
      "+",
    ),
  ]
  for (const { set, linearTransmittance: linear, fraction, solved } of figures.bridges) {
    const name = `${set.name}, in two dimensions${solved ? "" : " (being calculated)"}`
    const factors = [
      factor("ψ", "linearTransmittance", linear),
      factor("a metre of width", "percent", fraction),
      factor("w", "length", set.width),
    ]
    lines.push(workingLine(name, ["transmittance", (linear * fraction) / set.width], from, factors, "÷"))
  }
  const corrections = winter.corrections.voids + winter.corrections.fasteners
  if (corrections > 0) lines.push(workingLine("Correction ΔU for voids and fasteners", ["transmittance", corrections], undefined, [], "+"))
  return {
    title: `Built R, ${inSentence(figures.name)}`,
    formula: figures.bridges.length > 0 ? "R = 1 ÷ ( 1 ÷ ½ (R′ + R″) + ΔU + Σ ψ·f ÷ w )" : "R = 1 ÷ ( 1 ÷ ½ (R′ + R″) + ΔU )",
    lines,
    total: quantityOf("resistance", figures.totalResistance),
    inputs: layers
      .flatMap(({ material, members }) => members.map(({ fraction }) => ({ material, fraction })))
      .filter(({ fraction }) => fraction > 0)
      .map(({ material, fraction }) =>
        input(`Members in the ${inSentence(material.name)}, share of the face`, "percent", fraction, "build-up", figures.id),
      ),
    method: "Combined method: the mean of two limits that the true value lies between, films included.",
    source: "ISO 6946:2017, 6.7.2, 6.9 and annexes D, F",
    notes: figures.notes,
  }
}
