import { dewPoint } from "../air/dew-point"
import { factor, quantityOf, type Working, type WorkingLine } from "../working"
import type { FaceFigures } from "./face-figures"
import type { Ledger } from "./ledger"

const MONTHS = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
] as const

/** How the energy of a year was got, month by month. */
export function yearWorking(ledger: Ledger): Working {
  return {
    title: "A year of heat and cold",
    formula: "Q = Σ months |Σ H·(θi − θm)| · t",
    lines: ledger.year.months.map(({ heating, cooling }, i): WorkingLine => ({
      name: `${MONTHS[i]}, mean ${ledger.conditions.station.monthlyTemperature[i]!.toFixed(1)} °C`,
      factors: [factor("heat in", "energy", heating), factor("heat out", "energy", cooling)],
      operator: "+",
      result: quantityOf("energy", heating + cooling),
    })),
    total: quantityOf("energy", ledger.year.total),
    inputs: [
      {
        name: "Inside, winter",
        quantity: quantityOf("temperature", ledger.conditions.winter.inside.temperature),
        from: { station: "brief" },
      },
      {
        name: "Inside, summer",
        quantity: quantityOf("temperature", ledger.conditions.summer.inside.temperature),
        from: { station: "brief" },
      },
    ],
    method:
      "Monthly means, held inside temperatures every day, no sun, no people: a yardstick between build-ups, not a bill. Swings within a month are not seen.",
    source: "Accumulated temperature differences, ISO 15927-6:2007, by months",
    notes: [],
  }
}

/** Faces, and what lies along the edge of a slab. */
const perArea = (
  { faces, slabRim }: Ledger,
  symbol: string,
  kind: "arealMass" | "arealMoney",
  of: (part: Pick<FaceFigures, "mass" | "price">) => number,
  result: "mass" | "money",
) =>
  [
    ...faces.map((face) => ({ face: face.id, name: face.name, area: face.netArea, each: of(face) })),
    ...(slabRim ? [{ face: "floor" as const, name: slabRim.name, area: slabRim.area, each: of(slabRim) }] : []),
  ].map(({ face, name, area, each }): WorkingLine => ({
    name,
    factors: [factor("A", "area", area), factor(symbol, kind, each)],
    operator: "×",
    result: quantityOf(result, area * each),
    from: { station: "build-ups", face },
  }))

/** The added weight, face by face, kg. */
export function weightWorking(ledger: Ledger): Working {
  return {
    title: "Weight added",
    formula: "m = Σ A · Σ ρ·d",
    lines: perArea(ledger, "ρ·d", "arealMass", ({ mass }) => mass, "mass"),
    total: quantityOf("mass", ledger.weight),
    inputs: [],
    method: "Layers with their members; what is there already weighs nothing here. Screws, glue and waste are not counted.",
    source: "Densities of the catalogue",
    notes: ["A vehicle's gross weight is on its plate: weigh it loaded."],
  }
}

/** The price of what is added, face by face, €. */
export function moneyWorking(ledger: Ledger): Working {
  return {
    title: "Money for material",
    formula: "€ = Σ A · Σ price",
    lines: perArea(ledger, "price", "arealMoney", ({ price }) => price, "money"),
    total: quantityOf("money", ledger.money),
    inputs: [],
    method: "Area times price, without waste, fixings, tape, tools or work. All prices are invented.",
    source: "Invented prices of the catalogue",
    notes: [],
  }
}

/** How the clear height was got. */
export function heightWorking(ledger: Ledger, place: string, shellHeight: number, rise: number): Working {
  const { floor } = ledger.linings
  const lost = shellHeight - floor - rise - ledger.clear.standing
  const line = (name: string, value: number, station: "shell" | "build-ups"): WorkingLine => {
    return { name, factors: [], operator: "−", result: quantityOf("length", value), from: { station } }
  }
  return {
    title: "Height left inside",
    formula: "h = H − floor − roof",
    lines: [
      line(place, shellHeight, "shell"),
      line("Floor build-up", -floor, "build-ups"),
      ...(rise > 0 ? [line("The floor's highest point over its zero", -rise, "shell")] : []),
      line("Roof build-up measured plumb, and the slope over the wall lining", -lost, "build-ups"),
    ],
    total: quantityOf("length", ledger.clear.standing),
    inputs: [{ name: "Under the highest point", quantity: quantityOf("length", ledger.clear.height), from: { station: "shell" } }],
    method:
      "The shell's measures are taken over all; each build-up reaches inward. A slab that is there already lies below the floor line.",
    source: "Geometry",
    notes: [],
  }
}

/** Where the worst face stands at both seasons. */
export function dampWorking(ledger: Ledger): Working {
  return {
    title: "Damp, face by face",
    formula: "wet where p(x) > p sat(θ(x)), and where θ(x) is below the dew point of leaking air",
    lines: ledger.faces.map((face): WorkingLine => {
      const { surface, dew } = wetSideFace(face)
      return {
        name: `${face.name}: ${face.damp.verdict.words}`,
        factors: [factor("face", "temperature", surface), factor("dew point", "temperature", dew)],
        operator: "−",
        result: quantityOf("temperatureDifference", surface - dew),
        from: { station: "build-ups", face: face.id },
      }
    }),
    total: quantityOf("temperatureDifference", dampMargin(ledger)),
    inputs: [
      {
        name: "Inside humidity, winter",
        quantity: quantityOf("percent", ledger.conditions.winter.inside.relativeHumidity),
        from: { station: "brief" },
      },
      {
        name: "Outdoor humidity, summer",
        quantity: quantityOf("percent", ledger.conditions.summer.outside.relativeHumidity),
        from: { station: "brief" },
      },
    ],
    method:
      "Steady lines at the worst night and the worst afternoon. The figure here is by how much the face on the wet side stays above its dew point on the worst night. How much gathers in a year, and whether it dries, is not reckoned yet.",
    source: "ISO 13788:2012, 6.3; trace limit of DIN 4108-3:2018, 5.2.2; dry-cup vapour resistances",
    notes: [],
  }
}

/** By how much the face on the wet side stays above its dew point on the worst night, K, at the worst face. */
export function dampMargin(ledger: Ledger): number {
  return Math.min(...ledger.faces.map(wetSideFace).map(({ surface, dew }) => surface - dew))
}

/** The face that touches the wetter air, and that air's dew point; over soil it is the room that counts. Air without water: −100 °C. */
function wetSideFace({ damp: { winter }, ground }: FaceFigures): { surface: number; dew: number } {
  const plane = winter.wetSide === "outside" && !ground ? winter.interfaces[0]! : winter.interfaces.at(-1)!
  return { surface: plane.temperature, dew: dewPoint(plane.vapourPressure ?? 0) ?? -100 }
}
