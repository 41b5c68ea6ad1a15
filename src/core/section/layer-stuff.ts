import type { HygroMaterial } from "../../schema/hygro"
import type { Material, MaterialClass } from "../../schema/material"
import { cupCourse } from "../material/layer-properties"
import { memoised } from "../memoised"
import { onCurve } from "../numeric/curve"
import { VAPOUR_GAS_CONSTANT, ZERO_CELSIUS } from "../quantity/constants"
import uptakes from "./water-uptake.json" with { type: "json" }

/** Water that a stuff's face draws in, kg/(m²·√s), with its source. @see ISO 15148:2002 */
export interface Uptake {
  uptake: number
  /** It was measured for a stuff like it, not for this one. */
  borrowed?: true
  source: string
}

const UPTAKES = uptakes as Readonly<Record<string, Uptake>>

/** What a material of the catalogue draws in; null where it draws none, or none is known: batts and loose fibre have none. */
export const uptakeOf = (id: string): Uptake | null => UPTAKES[id] ?? null

/** kg/m³ at humidity 0.95 and 1 of what takes up next to none from the air, by its pores. */
const HOLDS: Readonly<Record<MaterialClass, readonly [number, number]>> = {
  ...{ fibre: [0.5, 5], air: [0.02, 1], foam: [0.5, 5], stone: [1, 30], board: [1, 30], wood: [1, 30], plaster: [1, 30] },
  ...{ membrane: [0.1, 0.2], metal: [0.01, 0.02], covering: [0.1, 0.2], glass: [0.01, 0.02] },
}
/** From this humidity on water lies free: in pores, or on the faces of what has none, kg/m². @see DIN 4108-3:2018, 5.2.2 (0.5 kg/m²) */
const [LIES_FROM, ON_SHEET] = [0.99, 0.5] as const
/** An air space holds as much as its faces do. */
const SHEETS: readonly MaterialClass[] = ["membrane", "metal", "covering", "glass", "air"]
/** Of the solid between the pores, kg/m³: fibre of glass or stone, of plants and hair; wood's; stone's. */
const SOLID = { mineral: 2600, organic: 1500, stone: 2650 } as const
/** Closed cells take in no more of their volume, kg/m³. @see EN 13163:2012, 4.3.12.2 (WD(V)15) */
const IN_FOAM = 150
/** °C that liquid's way is reckoned at. */
const AT = 20
/** Points of a course over water. */
const POINTS = 24

/** Sorption from 0 to 1, rising. */
export function sorptionOf({ sorption, class: kind }: Pick<Material, "sorption" | "class">): HygroMaterial["sorption"] {
  const [almost, full] = HOLDS[kind]
  return (
    sorption ?? [
      [0, 0],
      [0.95, almost],
      [1, full],
    ]
  )
}

/** Open pores of what takes up next to none from the air or lets it lie, kg/m³ of water. */
function poresOf({ class: kind, density, fire }: Pick<Material, "class" | "density" | "fire">): number {
  if (kind === "foam") return IN_FOAM
  const solid =
    kind === "wood" ? SOLID.organic : kind === "fibre" || kind === "board" ? SOLID[fire.combustible ? "organic" : "mineral"] : SOLID.stone
  return 1000 * Math.max(0.01, 1 - density / solid)
}

/** The same with water that lies in it or on it, where nothing draws that in. @param lies kg/m³ */
const withFreeWater = (sorption: HygroMaterial["sorption"], lies: number): HygroMaterial["sorption"] => [
  ...sorption.filter(([humidity]) => humidity < LIES_FROM),
  [LIES_FROM, waterAt(sorption, LIES_FROM)],
  [1, sorption.at(-1)![1] + lies],
]

/**
 * A material as coupled heat and moisture take it. Where it draws water in, vapour goes by the dry cup, and liquid by its uptake; else vapour
 * goes by both cups.
 * @param id of the catalogue; others draw no water in
 * @param conductivity W/(m·K), dry, in service
 * @param airLayer sd of the layer, m, and its thickness, m
 */
export const layerStuff = (id: string, material: Material, conductivity: number, airLayer: number, thickness: number): HygroMaterial =>
  stuffOf(material, id, conductivity, airLayer, thickness)

const stuffOf = memoised((material: Material, id: string, conductivity: number, airLayer: number, thickness: number): HygroMaterial => {
  const { density, specificHeat, vapour } = material
  const sorption = sorptionOf(material)
  const full = sorption.at(-1)![1]
  const drawn = material.sorption ? uptakeOf(id) : null
  const mu = airLayer / thickness
  const cups = cupCourse(material)
  return {
    density,
    specificHeat,
    sorption: drawn ? sorption : withFreeWater(sorption, SHEETS.includes(material.class) ? ON_SHEET / thickness : poresOf(material)),
    // So many per cent of volume are tenths of kg/m³.
    conductivity: [
      [0, conductivity],
      [full, conductivity * (1 + (material.conductivity.perMoisture * full) / 10)],
    ],
    ...(vapour.sdByHumidity
      ? { muByHumidity: vapour.sdByHumidity.map(([humidity, sd]): [number, number] => [humidity, sd / thickness]) }
      : drawn || !cups
        ? { mu }
        : { muByHumidity: cups.map(([humidity, share]): [number, number] => [humidity, mu * share]) }),
    ...(drawn ? { liquidConductivity: liquidOf(sorption, drawn.uptake) } : {}),
  }
})

/**
 * Liquid conductivity by water content: D = 3.8·(A/w_f)²·1000^(w/w_f − 1), m²/s, turned from water's own gradient to that of suction:
 * K = D·∂w/∂φ·φ/(ρ_w·R_v·T). Water that sorption from the air alone holds moves as vapour: below humidity 0.8 there is none.
 * @param uptake kg/(m²·√s)
 * @see Künzel, Simultaneous heat and moisture transport in building components (1995), 2.2.3; EN 15026:2007, 5.3
 */
export function liquidOf(sorption: HygroMaterial["sorption"], uptake: number): NonNullable<HygroMaterial["liquidConductivity"]> {
  const full = sorption.at(-1)![1]
  const start = waterAt(sorption, 0.8)
  const suction = 1000 * VAPOUR_GAS_CONSTANT * (AT + ZERO_CELSIUS)
  return Array.from({ length: POINTS + 1 }, (_, i): [number, number] => {
    const water = start + ((full - start) * i) / POINTS
    const [phi, slope] = humidityOf(sorption, water)
    const diffusivity = 3.8 * (uptake / full) ** 2 * 1000 ** (water / full - 1)
    return [water, i === 0 ? 0 : (diffusivity * slope * phi) / suction]
  })
}

/** Water held at a humidity, kg/m³. */
export const waterAt = (sorption: HygroMaterial["sorption"], humidity: number): number => onCurve(sorption, humidity)

/** Humidity at which so much is held, and how water rises with it there. */
function humidityOf(sorption: HygroMaterial["sorption"], water: number): [humidity: number, slope: number] {
  const i = Math.max(
    1,
    sorption.findIndex(([, held]) => held >= water - 1e-9),
  )
  const [[x0, y0], [x1, y1]] = [sorption[i - 1]!, sorption[i]!]
  const slope = (y1 - y0) / (x1 - x0)
  return [x0 + (water - y0) / slope, slope]
}
