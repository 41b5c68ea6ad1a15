import { factor, input, quantityOf, type Working, workingLine, type WorkingLine } from "../working"
import { type Damp, dampMargin, wetSideFace } from "./damp-margin"

/** Where the worst face stands at both seasons. */
export function dampWorking(damp: Damp): Working {
  return {
    title: "Damp, face by face",
    formula: "wet where p(x) > p sat(θ(x)), and where θ(x) is below the dew point of leaking air",
    lines: damp.surfaces.map((surface): WorkingLine => {
      const { face, dew } = wetSideFace(surface, damp)
      const factors = [factor("face", "temperature", face), factor("dew point", "temperature", dew)]
      const name = `${surface.name}: ${damp.moisture[surface.id].verdict.words}`
      return workingLine(name, ["temperatureDifference", face - dew], { of: "build-up", surface: surface.id }, factors, "−")
    }),
    total: quantityOf("temperatureDifference", dampMargin(damp)),
    inputs: [
      input("Inside humidity, winter", "percent", damp.conditions.winter.inside.relativeHumidity, "brief"),
      input("Outdoor humidity, summer", "percent", damp.conditions.summer.outside.relativeHumidity, "brief"),
    ],
    method:
      "Steady lines at the worst night and the worst afternoon. The figure here is by how much the face on the wet side stays above its dew point on the worst night. How much gathers in a year, and whether it dries, is not reckoned yet.",
    source: "ISO 13788:2012, 6.3; trace limit of DIN 4108-3:2018, 5.2.2; dry-cup vapour resistances",
    notes: [],
  }
}
