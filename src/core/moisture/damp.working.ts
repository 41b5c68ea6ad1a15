import { factor, input, quantityOf, type Working, workingLine, type WorkingLine } from "../working"
import { type Damp, dampMargin, coldestFace } from "./damp-margin"

/** Where the worst face stands at both seasons. */
export function dampWorking(damp: Damp): Working {
  return {
    title: "Damp, face by face",
    formula: "wet where p(x) > p sat(θ(x)), and where θ(x) is below the dew point of leaking air",
    lines: damp.surfaces.map((surface): WorkingLine => {
      const { name: spot, face, dew } = coldestFace(surface, damp)
      const factors = [factor("face", "temperature", face), factor("dew point", "temperature", dew)]
      const name = `${spot}: ${damp.moisture[surface.id]!.verdict.words}`
      return workingLine(name, ["temperatureDifference", face - dew], { of: "build-up", surface: surface.id }, factors, "−")
    }),
    total: quantityOf("temperatureDifference", dampMargin(damp)),
    inputs: [
      input("Inside humidity, winter", "percent", damp.conditions.winter.inside.relativeHumidity, "brief"),
      input("Outdoor humidity, summer", "percent", damp.conditions.summer.outside.relativeHumidity, "brief"),
    ],
    method:
      "Steady lines at the worst night and the worst afternoon. The figure here is by how much the coldest inside face, bridges among them, stays above the dew point of the air before it. The verdict beside each face is that of its years, followed by the hour for a build on the bad side of usual, of its months, its cold spots and the rules of building: the worst of those that are not set aside, as the station shows.",
    source:
      "ISO 13788:2012, 6.3; years by EN 15026:2007; water through the months by ISO 13788:2012, 6; trapped water by DIN 4108-3:2018, 5.2.2; what leaks bring by DIN 68800-2:2012, 5.2.4; mould at 80 %, ISO 13788:2012, 5.2; q50 of DIN 4108-7:2011, 4.4; vapour resistances between dry and wet cup by the humidity",
    notes: [],
  }
}
