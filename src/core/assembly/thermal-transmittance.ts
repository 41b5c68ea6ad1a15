import type { AssemblyInput, AssemblyLayer, AssemblyOutput } from "../../schema/assembly"
import { type Note, type Noted, noteIf } from "../../schema/note"
import type { HeatFlowDirection } from "../../schema/quantity"
import { sum } from "../numeric/sum"
import { airSpace } from "./air-space"
import { interfaceProfile } from "./interface-profile"
import { INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "./surface-resistance"

/** Conductivity from which a member conducts like metal, W/(m·K): below stainless steel (15), above stone (4). */
export const METAL = 10

/** Greatest ratio of the two limits for which the combined method holds, ISO 6946:2017, 6.7.2.1. */
export const WIDEST_RATIO = 1.5

/** What is said of a stack. */
export type Transmittance = Noted<AssemblyOutput>

/** Members that cross a layer: those of one set are the same sticks in all its layers. */
export interface Framing {
  set: string
  /** Share of the face that they take, 0…1. */
  fraction: number
  conductivity: number
}

/** A layer with any number of sets of members; outside a vented air space only a share of its resistance counts. */
export type StackLayer = Omit<AssemblyLayer, "framing"> & { framing: readonly Framing[]; effectiveShare: number }
type Stack = Omit<AssemblyInput, "layers"> & { layers: readonly StackLayer[] }

/** The input of the operation as a stack: each framed layer has a set of its own. */
export const stackOf = (assembly: AssemblyInput): Stack => ({
  ...assembly,
  layers: assembly.layers.map(({ framing, ...layer }, i) => ({
    ...layer,
    framing: framing ? [{ set: String(i), ...framing }] : [],
    effectiveShare: 1,
  })),
})

/**
 * Thermal transmittance of a build-up by the combined method, with corrections for voids and fasteners.
 * @param stack layers outside to inside; m, W/(m·K), m²·K/W; members of different sets cross freely, or stand side by side in one layer
 * @see ISO 6946:2017, 6.7.2 (combined method), annex F (corrections)
 */
export function thermalTransmittance(stack: Stack): Transmittance {
  const { direction, layers } = stack
  const rsi = stack.rsi ?? INDOOR_RESISTANCE[direction]
  const rse = stack.rse ?? OUTDOOR_RESISTANCE
  const resistances = layers.map((layer) => layerResistance(layer, direction))
  const films = rsi + rse
  const centreResistance = films + sum(resistances)
  const resistanceUpper = upperLimit(layers, resistances, films)
  const resistanceLower = films + sum(layers.map((layer, i) => isothermalResistance(layer, resistances[i]!)))
  const resistanceTotal = (resistanceUpper + resistanceLower) / 2
  const corrections = {
    voids: sum(layers.map((layer, i) => voidCorrection(layer, resistances[i]!, centreResistance))),
    fasteners: sum(layers.map((layer, i) => fastenerCorrection(layer, resistances[i]!, centreResistance))),
  }
  const { inside, outside } = stack
  return {
    uValue: 1 / resistanceTotal + corrections.voids + corrections.fasteners,
    resistanceTotal,
    resistanceUpper,
    resistanceLower,
    centreResistance,
    corrections,
    thickness: sum(layers.map((layer) => layer.thickness)),
    ...(inside && outside
      ? { interfaces: interfaceProfile({ rsi, rse, thicknesses: layers.map((layer) => layer.thickness), resistances, inside, outside }) }
      : {}),
    notes: notesOf(stack, resistanceUpper / resistanceLower),
  }
}

/**
 * Thermal resistance of a layer beside its members.
 * @returns m²·K/W
 */
export function layerResistance(layer: StackLayer, direction: HeatFlowDirection): number {
  return layer.effectiveShare * ownResistance(layer, direction)
}

function ownResistance(layer: StackLayer, direction: HeatFlowDirection): number {
  if (layer.resistance !== undefined) return layer.resistance
  if (layer.airspace)
    return airSpace({ ...layer.airspace, thickness: layer.thickness, direction, meanTemperature: 10, temperatureDifference: 5 }).resistance
  return layer.thickness / layer.conductivity!
}

function memberResistance({ effectiveShare, thickness }: StackLayer, { conductivity }: Framing): number {
  return (effectiveShare * thickness) / conductivity
}

const shareOf = (framing: readonly Framing[]): number => sum(framing.map(({ fraction }) => fraction))

/**
 * Upper limit: heat flows straight through, side by side, on every combination of members and spaces between them.
 * @see ISO 6946:2017, eq. 6
 */
function upperLimit(layers: readonly StackLayer[], resistances: readonly number[], films: number): number {
  let paths = [{ share: 1, resistance: films }]
  for (const ways of waysThrough(layers, resistances))
    paths = ways.flatMap((way) =>
      way.share === 0 && way !== ways[0]
        ? []
        : paths.map((path) => ({ share: path.share * way.share, resistance: path.resistance + way.resistance })),
    )
  return 1 / sum(paths.map((path) => path.share / path.resistance))
}

interface Way {
  share: number
  resistance: number
}

/**
 * Ways through each group of layers that the same members cross: beside all of them, then along each set. A path runs through a stick in all
 * layers of its set, or beside it in all.
 */
function waysThrough(layers: readonly StackLayer[], resistances: readonly number[]): Way[][] {
  return groupsOf(layers).map((group) => {
    const members = group.flatMap((i) => layers[i]!.framing)
    const along = (set: string | null) =>
      sum(
        group.map((i) => {
          const crossing = layers[i]!.framing.find((one) => one.set === set)
          return crossing ? memberResistance(layers[i]!, crossing) : resistances[i]!
        }),
      )
    const through = members
      .filter(({ set }, i) => members.findIndex((one) => one.set === set) === i)
      .map(({ set, fraction }): Way => ({ share: fraction, resistance: along(set) }))
    return [{ share: 1 - sum(through.map(({ share }) => share)), resistance: along(null) }, ...through]
  })
}

/** Layers, by index, that are joined by the members that cross them. */
function groupsOf(layers: readonly StackLayer[]): number[][] {
  const groups: { sets: Set<string>; layers: number[] }[] = []
  layers.forEach(({ framing }, i) => {
    const joined = groups.filter(({ sets }) => framing.some(({ set }) => sets.has(set)))
    const group = joined[0] ?? { sets: new Set<string>(), layers: [] }
    if (joined.length === 0) groups.push(group)
    for (const other of joined.slice(1)) {
      other.sets.forEach((set) => group.sets.add(set))
      group.layers.push(...other.layers)
      groups.splice(groups.indexOf(other), 1)
    }
    framing.forEach(({ set }) => group.sets.add(set))
    group.layers.push(i)
  })
  return groups.map((group) => group.layers)
}

/**
 * Lower limit's layer: each plane between layers has one temperature, so members and spaces lie side by side in the layer.
 * @see ISO 6946:2017, eq. 8
 */
function isothermalResistance(layer: StackLayer, resistance: number): number {
  const share = shareOf(layer.framing)
  if (share === 0 || resistance === 0) return resistance
  return 1 / (sum(layer.framing.map((one) => one.fraction / memberResistance(layer, one))) + (1 - share) / resistance)
}

/** @see ISO 6946:2017, annex F.2, table F.1 */
function voidCorrection(layer: StackLayer, resistance: number, centreResistance: number): number {
  return [0, 0.01, 0.04][layer.voids ?? 0]! * (resistance / centreResistance) ** 2
}

/** @see ISO 6946:2017, annex F.3.2; fasteners under 1 W/(m·K) count nothing */
function fastenerCorrection(layer: StackLayer, resistance: number, centreResistance: number): number {
  const fasteners = layer.fasteners
  if (!fasteners || fasteners.conductivity < 1) return 0
  const penetration = (layer.thickness - (fasteners.recessed ?? 0)) / layer.thickness
  const conductance = (0.8 * penetration * fasteners.conductivity * fasteners.area * fasteners.perArea) / layer.thickness
  return conductance * (resistance / centreResistance) ** 2
}

function notesOf({ layers, inside, outside }: Stack, ratio: number): Note[] {
  return [
    ...layers.flatMap(({ name, framing, effectiveShare, airspace, thickness }, i) => {
      const called = name ?? `layer ${i + 1}`
      const metal = effectiveShare !== 0 && framing.some(({ fraction, conductivity }) => fraction > 0 && conductivity >= METAL)
      return [
        ...noteIf(
          metal,
          "metal-members",
          `Members in ${called} conduct like metal: the combined method does not hold there, and the bridge operation does.`,
        ),
        ...noteIf(
          airspace !== undefined && thickness > 0.3,
          "wide-air-space",
          `The air space ${called} is over 0.3 m wide, beyond ISO 6946.`,
        ),
      ]
    }),
    ...noteIf(
      ratio > WIDEST_RATIO,
      "limits-apart",
      `The two limits differ by ${ratio.toFixed(2)} to 1, more than the 1.5 for which the combined method holds (ISO 6946, 6.7.2.1).`,
    ),
    ...noteIf(
      (inside === undefined) !== (outside === undefined),
      "one-air",
      "Interface temperatures need the air on both sides; only one was given.",
    ),
  ]
}
