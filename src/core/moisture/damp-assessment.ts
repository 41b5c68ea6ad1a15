import type { Interface } from "../../schema/assembly"
import type { AirState, HeatFlowDirection } from "../../schema/quantity"
import { dewPoint } from "../air/dew-point"
import { vapourPressureAt } from "../air/moist-air"
import { type BuiltLayer, transmittanceLayers } from "../assembly/build-up"
import { interfaceProfile, type Path } from "../assembly/interface-profile"
import { sum } from "../numeric/sum"
import { AIR_VAPOUR_PERMEABILITY } from "../quantity/constants"
import { INDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { layerResistance } from "../assembly/thermal-transmittance"
import { airLayersBetween } from "./air-layers"

/** Side from which vapour comes, or neither where both airs hold the same. */
export type Side = "inside" | "outside" | "neither"

/** A place where vapour on its way through would be saturated. */
export interface CondensationPlane {
  /** m from the outdoor face */
  depth: number
  /** °C */
  temperature: number
  /** Index of the layer it lies in or at whose outer face it lies; the number of layers for the indoor face. */
  layer: number
  /** The vapour pressure would be so many times saturation. */
  excess: number
  /** Water gathering there while the condition lasts, kg/(m²·s); 0 for a leak, whose water depends on the gap. */
  rate: number
}

/** What the steady temperature and vapour lines say of one season. */
export interface DampAssessment {
  inside: AirState
  outside: AirState
  warmSide: Side
  wetSide: Side
  /** Faces of the layers, outdoors first. */
  interfaces: Interface[]
  /** The same with planes within thick layers; what the lines are drawn from. */
  profile: Interface[]
  /** Dew point of the air of the wet side, °C; null in air without water. */
  dewPoint: number | null
  /** Where the temperature line passes that dew point, m from the outdoor face; null if it does not within the build-up. */
  dewPointDepth: number | null
  /** Worst place reached by diffusion, with the layers' resistance to vapour counted; null while it stays dry. */
  wet: CondensationPlane | null
  /** The face of the room (or of the outdoors) on the wet side is colder than that side's dew point. */
  faceSweats: boolean
  /** First joint that air leaking from the wet side meets below its dew point; null if none. */
  exfiltrationWets: CondensationPlane | null
  freezes: boolean
}

/** Resistance above which a layer is looked into, m²·K/W. @see ISO 13788:2012, 6.3 */
const THICK = 0.25

/**
 * First look at damp: steady profiles of temperature and vapour pressure between two airs.
 * It says where water would gather at this condition, not how much nor whether it dries.
 * @param rse resistance between the outdoor face and the outdoor condition, m²·K/W: a film, or the ground
 * @see ISO 13788:2012, 6.3; surfaces without vapour resistance, dry-cup values but of films that follow the humidity
 */
export function dampAssessment(
  layers: readonly BuiltLayer[],
  direction: HeatFlowDirection,
  rse: number,
  inside: AirState,
  outside: AirState,
): DampAssessment {
  const airs = {
    rsi: INDOOR_RESISTANCE[direction],
    rse,
    thicknesses: layers.map(({ layer }) => layer.thickness),
    resistances: transmittanceLayers(layers).map((layer) => layerResistance(layer, direction)),
    inside,
    outside,
  }
  const path: Required<Path> = { ...airs, airLayers: airLayersBetween(layers, airs) }
  const fine = divided(path)
  const profile = interfaceProfile(fine.path)
  const interfaces = profile.filter((_, plane) => plane === profile.length - 1 || fine.layerAt[plane] !== fine.layerAt[plane - 1])
  const [indoor, outdoor] = [inside, outside].map((air) => vapourPressureAt(air.temperature, air.relativeHumidity)) as [number, number]
  const warmSide = sideOf(inside.temperature, outside.temperature)
  const wetSide = sideOf(indoor, outdoor)
  const dew = dewPoint(Math.max(indoor, outdoor))
  const wettest = wettestPlane(profile, fine)
  const exfiltrationWets = dew === null || wetSide === "neither" ? null : coldJoint(interfaces, layers, wetSide, dew)
  return {
    inside,
    outside,
    warmSide,
    wetSide,
    interfaces,
    profile,
    dewPoint: dew,
    dewPointDepth: dew === null ? null : crossing(interfaces, dew),
    wet: wettest,
    faceSweats: dew !== null && wetSide !== "neither" && faceOf(interfaces, wetSide).temperature < dew,
    exfiltrationWets,
    freezes: [wettest, exfiltrationWets].some((plane) => plane !== null && plane.temperature < 0),
  }
}

interface Divided {
  path: Required<Path>
  /** Layer that each plane lies in or bounds on the outdoor side. */
  layerAt: number[]
}

/** Thick layers cut into equal parts: saturation curves within them, so a plane inside can be wet while both faces are dry. */
function divided(path: Required<Path>): Divided {
  const cut: Required<Path> = { ...path, thicknesses: [], resistances: [], airLayers: [] }
  const [thicknesses, resistances, airLayers, layerAt]: number[][] = [[], [], [], []]
  path.resistances.forEach((resistance, layer) => {
    const parts = Math.max(1, Math.ceil(resistance / THICK))
    for (let part = 0; part < parts; part++) {
      thicknesses!.push(path.thicknesses[layer]! / parts)
      resistances!.push(resistance / parts)
      airLayers!.push(path.airLayers[layer]! / parts)
      layerAt!.push(layer)
    }
  })
  return {
    path: { ...cut, thicknesses: thicknesses!, resistances: resistances!, airLayers: airLayers! },
    layerAt: [...layerAt!, path.resistances.length],
  }
}

/** The plane within the build-up at which most gathers. */
function wettestPlane(profile: readonly Interface[], { path, layerAt }: Divided): CondensationPlane | null {
  let worst: CondensationPlane | null = null
  profile.forEach((plane, i) => {
    const excess = plane.vapourPressure! / plane.saturationPressure
    // The surfaces themselves belong to the look at sweating faces.
    if (i === 0 || i === profile.length - 1 || excess <= 1 + 1e-9) return
    const rate = wettingRate(profile, path.airLayers, i)
    if (worst === null || rate > worst.rate)
      worst = { depth: plane.depth, temperature: plane.temperature, layer: layerAt[i]!, excess, rate }
  })
  return worst
}

/**
 * Water that gathers at a plane held at saturation: what comes in on one side less what leaves on the other.
 * @see ISO 13788:2012, eq. 13
 */
function wettingRate(profile: readonly Interface[], airLayers: readonly number[], plane: number): number {
  const saturation = profile[plane]!.saturationPressure
  const flowFrom = (pressure: number, airLayer: number) => (AIR_VAPOUR_PERMEABILITY * (pressure - saturation)) / airLayer
  const outside = flowFrom(profile[0]!.vapourPressure!, sum(airLayers.slice(0, plane)))
  const inside = flowFrom(profile.at(-1)!.vapourPressure!, sum(airLayers.slice(plane)))
  return outside + inside
}

/**
 * The first joint below a dew point on the way of air that leaks: it slips past linings and membranes at gaps, so only temperature counts, not
 * the resistance to vapour. Foam that was sprayed in place sticks to all around it, and the core of a panel to its sheets: no air
 * passes them; what leaks at a panel's joints is not within it.
 * @param temperatures of the faces of layers, outdoors first, °C
 * @returns i of the joint between the layers i − 1 and i; null if none
 */
export function firstColdJoint(temperatures: readonly number[], layers: readonly BuiltLayer[], from: Side, dew: number): number | null {
  const joints = layers.map((_, i) => i).slice(1)
  const inward = from === "inside"
  const all = inward ? joints.reverse() : joints
  const stop = all.findIndex((i) => layers[inward ? i : i - 1]!.material.application === "sprayed" || isPanelJoint(layers, i))
  return (stop === -1 ? all : all.slice(0, stop)).find((i) => temperatures[i]! < dew) ?? null
}

/** Whether a joint is one of a panel: foam between two sheets of metal that came as one, neither skin that was there before. */
export function isPanelJoint(layers: readonly BuiltLayer[], joint: number): boolean {
  const core = layers[joint]!.material.class === "foam" ? joint : joint - 1
  const parts = layers.slice(Math.max(0, core - 1), core + 2)
  return (
    parts.length === 3 &&
    parts.map(({ material }) => material.class).join() === "metal,foam,metal" &&
    parts.every(({ members, layer }) => members.length === 0 && layer.existing === parts[1]!.layer.existing)
  )
}

function coldJoint(interfaces: readonly Interface[], layers: readonly BuiltLayer[], from: Side, dew: number): CondensationPlane | null {
  const temperatures = interfaces.map(({ temperature }) => temperature)
  const layer = firstColdJoint(temperatures, layers, from, dew)
  if (layer === null) return null
  const { depth, temperature, saturationPressure } = interfaces[layer]!
  return { depth, temperature, layer, excess: faceOf(interfaces, from).vapourPressure! / saturationPressure, rate: 0 }
}

const faceOf = (interfaces: readonly Interface[], side: Side): Interface => interfaces.at(side === "inside" ? -1 : 0)!

function crossing(interfaces: readonly Interface[], temperature: number): number | null {
  for (let i = 1; i < interfaces.length; i++) {
    const [a, b] = [interfaces[i - 1]!, interfaces[i]!]
    if ((a.temperature - temperature) * (b.temperature - temperature) > 0 || a.temperature === b.temperature) continue
    return a.depth + ((temperature - a.temperature) / (b.temperature - a.temperature)) * (b.depth - a.depth)
  }
  return null
}

const sideOf = (inside: number, outside: number): Side =>
  Math.abs(inside - outside) < 1e-9 ? "neither" : inside > outside ? "inside" : "outside"
