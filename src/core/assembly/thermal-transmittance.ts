import type { AssemblyInput, AssemblyLayer, AssemblyOutput } from "../../schema/assembly"
import type { HeatFlowDirection } from "../../schema/quantity"
import { sum } from "../numeric/sum"
import { airSpace } from "./air-space"
import { interfaceProfile } from "./interface-profile"
import { INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "./surface-resistance"

/** Conductivity from which a member conducts like metal, W/(m·K): below stainless steel (15), above stone (4). */
export const METAL = 10

/** Greatest ratio of the two limits for which the combined method holds, ISO 6946:2017, 6.7.2.1. */
export const WIDEST_RATIO = 1.5

/** A layer of which, outside a vented air space, only a share of its resistance counts; 1 where nothing is said. */
export type StackLayer = AssemblyLayer & { counted?: number }
type Stack = Omit<AssemblyInput, "layers"> & { layers: readonly StackLayer[] }

/**
 * Thermal transmittance of a build-up by the combined method, with corrections for voids and fasteners.
 * @param assembly layers outside to inside; m, W/(m·K), m²·K/W
 * @param sets which members each layer lies between; layers of one set are crossed by the same ones, those of different sets cross freely
 * @see ISO 6946:2017, 6.7.2 (combined method), annex F (corrections)
 */
export function thermalTransmittance(assembly: Stack, sets: readonly (string | null)[] = []): AssemblyOutput {
  const { direction, layers } = assembly
  const rsi = assembly.rsi ?? INDOOR_RESISTANCE[direction]
  const rse = assembly.rse ?? OUTDOOR_RESISTANCE
  const resistances = layers.map((layer) => layerResistance(layer, direction))
  const films = rsi + rse
  const centreResistance = films + sum(resistances)
  const resistanceUpper = upperLimit(layers, resistances, films, sets)
  const resistanceLower = films + sum(layers.map((layer, i) => isothermalResistance(layer, resistances[i]!)))
  const resistanceTotal = (resistanceUpper + resistanceLower) / 2
  const corrections = {
    voids: sum(layers.map((layer, i) => voidCorrection(layer, resistances[i]!, centreResistance))),
    fasteners: sum(layers.map((layer, i) => fastenerCorrection(layer, resistances[i]!, centreResistance))),
  }
  const { inside, outside } = assembly
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
    notes: notesOf(assembly, resistanceUpper / resistanceLower),
  }
}

/**
 * Thermal resistance of a layer beside its members.
 * @returns m²·K/W
 */
export function layerResistance(layer: StackLayer, direction: HeatFlowDirection): number {
  return (layer.counted ?? 1) * ownResistance(layer, direction)
}

function ownResistance(layer: StackLayer, direction: HeatFlowDirection): number {
  if (layer.resistance !== undefined) return layer.resistance
  if (layer.airspace)
    return airSpace({ ...layer.airspace, thickness: layer.thickness, direction, meanTemperature: 10, temperatureDifference: 5 }).resistance
  return layer.thickness / layer.conductivity!
}

function memberResistance(layer: StackLayer): number {
  return ((layer.counted ?? 1) * layer.thickness) / layer.framing!.conductivity
}

/**
 * Upper limit: heat flows straight through, side by side, on every combination of members and spaces between them.
 * @see ISO 6946:2017, eq. 6
 */
function upperLimit(
  layers: readonly StackLayer[],
  resistances: readonly number[],
  films: number,
  sets: readonly (string | null)[],
): number {
  let paths = [{ share: 1, resistance: films }]
  for (const { share, beside, through } of rowsOfMembers(layers, resistances, sets)) {
    const between = paths.map((path) => ({ share: path.share * (1 - share), resistance: path.resistance + beside }))
    const across = share === 0 ? [] : paths.map((path) => ({ share: path.share * share, resistance: path.resistance + through }))
    paths = [...between, ...across]
  }
  return 1 / sum(paths.map((path) => path.share / path.resistance))
}

/** Layers joined by the members that cross them: a path runs through a stick in all layers of its set, or beside it in all. */
function rowsOfMembers(layers: readonly StackLayer[], resistances: readonly number[], sets: readonly (string | null)[]) {
  const rows = new Map<string | number, { share: number; beside: number; through: number }>()
  layers.forEach((layer, i) => {
    const key = sets[i] ?? i
    const row = rows.get(key) ?? { share: layer.framing?.fraction ?? 0, beside: 0, through: 0 }
    row.beside += resistances[i]!
    if (layer.framing) row.through += memberResistance(layer)
    rows.set(key, row)
  })
  return rows.values()
}

/**
 * Lower limit's layer: each plane between layers has one temperature, so members and spaces lie side by side in the layer.
 * @see ISO 6946:2017, eq. 8
 */
function isothermalResistance(layer: StackLayer, resistance: number): number {
  const share = layer.framing?.fraction ?? 0
  return share === 0 || resistance === 0 ? resistance : 1 / (share / memberResistance(layer) + (1 - share) / resistance)
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

function notesOf(assembly: Stack, ratio: number): string[] {
  const notes: string[] = []
  assembly.layers.forEach((layer, i) => {
    const name = layer.name ?? `layer ${i + 1}`
    if (layer.counted !== 0 && layer.framing && layer.framing.fraction > 0 && layer.framing.conductivity >= METAL)
      notes.push(`Members in ${name} conduct like metal: the combined method does not hold there, and the bridge operation does.`)
    if (layer.airspace && layer.thickness > 0.3) notes.push(`The air space ${name} is over 0.3 m wide, beyond ISO 6946.`)
  })
  if (ratio > WIDEST_RATIO)
    notes.push(
      `The two limits differ by ${ratio.toFixed(2)} to 1, more than the 1.5 for which the combined method holds (ISO 6946, 6.7.2.1).`,
    )
  if ((assembly.inside === undefined) !== (assembly.outside === undefined))
    notes.push("Interface temperatures need the air on both sides; only one was given.")
  return notes
}
