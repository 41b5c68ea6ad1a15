import type { HygroInput, HygroOutput } from "../../schema/hygro"
import type { Noted, Note } from "../../schema/note"
import { noteIf } from "../../schema/note"
import { sum } from "../numeric/sum"
import type { HygroState } from "./balance"
import { type Mesh, meshOf } from "./mesh"
import { type SectionRun, runSection } from "./section-run"
import { sideOf } from "./side"
import { readWater, type Stuff } from "./stuff"

/** Cells are cut in two until that moves nothing by more than this share of its range; from then on the finer ones are told. */
const FINE = 0.02
/** How often at most. */
const HALVINGS = 3

/**
 * Coupled heat and moisture through layers in time: sorption, vapour, liquid, latent heat, rain and sun on the faces.
 * @see EN 15026:2007
 */
export function hygrothermal(input: HygroInput): Noted<HygroOutput> {
  const chosen = input.layers.every(({ cells }) => cells !== undefined)
  let now = runOn(input, 0)
  let moved = 0
  for (let halvings = 1; !chosen && halvings <= HALVINGS; halvings++) {
    const coarse = now
    now = runOn(input, halvings)
    moved = movedBy(coarse, now)
    if (moved <= FINE) break
  }
  return { ...told(input, now), notes: notesOn(now.run, moved > FINE) }
}

/** A run with the cells that it went through. */
interface Meshed {
  mesh: Mesh
  run: SectionRun
  /** At the times that are told; and kg/m³ of each cell. */
  states: HygroState[]
  waters: Float64Array[]
}

function runOn({ layers, initial, outside, inside, output, duration, maximumStep }: HygroInput, halvings: number): Meshed {
  const mesh = meshOf(layers, halvings)
  const states = Array.isArray(initial) ? initial : layers.map(() => initial)
  const of = <K extends "temperature" | "relativeHumidity">(key: K) => Float64Array.from(mesh.layers, (layer) => states[layer]![key])
  const [kept, waters]: [HygroState[], Float64Array[]] = [[], []]
  const run = runSection({
    mesh,
    start: { humidity: of("relativeHumidity"), temperature: of("temperature") },
    outside: sideOf(outside),
    inside: sideOf(inside),
    times: output.at(-1)! < duration ? [...output, duration] : output,
    maximumStep: maximumStep ?? Infinity,
    tell({ humidity, temperature }, water) {
      kept.push({ humidity: humidity.slice(), temperature: temperature.slice() })
      waters.push(water.slice())
    },
  })
  return { mesh, run, states: kept, waters }
}

/** By how much of its range anything differs between two meshes, at the middles of the coarser cells. */
function movedBy(coarse: Meshed, fine: Meshed): number {
  let most = 0
  for (const key of ["humidity", "temperature"] as const) {
    const all = fine.states.flatMap((state) => [...state[key]])
    const range = all.reduce((high, one) => Math.max(high, one), -Infinity) - all.reduce((low, one) => Math.min(low, one), Infinity)
    if (range < 1e-6) continue
    coarse.states.forEach((state, k) => {
      coarse.mesh.middles.forEach((x, i) => {
        const other = along(fine.mesh, fine.states[k]![key], x, coarse.mesh.layers[i]!)
        most = Math.max(most, Math.abs(state[key][i]! - other) / range)
      })
    })
  }
  return most
}

/** A figure at a depth: straight between the middles of a layer's cells, beyond them that of the outermost. */
function along({ middles, layers }: Mesh, values: Float64Array, x: number, layer: number): number {
  let [first, last] = [layers.indexOf(layer), layers.lastIndexOf(layer)]
  if (x <= middles[first]!) return values[first]!
  if (x >= middles[last]!) return values[last]!
  while (last - first > 1) {
    const middle = (first + last) >> 1
    if (middles[middle]! <= x) first = middle
    else last = middle
  }
  return values[first]! + ((values[last]! - values[first]!) * (x - middles[first]!)) / (middles[last]! - middles[first]!)
}

function told({ layers, output, depths }: HygroInput, { mesh, run, states, waters }: Meshed): Omit<HygroOutput, "notes"> {
  const ends = layers.map((_, i) => sum(layers.slice(0, i + 1).map(({ thickness }) => thickness)))
  const x = depths ?? [...mesh.middles]
  const layerAt = (depth: number) =>
    Math.max(
      0,
      Math.min(
        ends.findIndex((end) => depth <= end + 1e-12),
        layers.length - 1,
      ),
    )
  const of = depths ? x.map(layerAt) : [...mesh.layers]
  const stuffs = layers.map((_, layer) => mesh.stuffs[mesh.layers.indexOf(layer)]!)
  return {
    profiles: output.map((time, k) => {
      const { humidity, temperature } = states[k]!
      const humidities = x.map((depth, i) => along(mesh, humidity, depth, of[i]!))
      return {
        ...{ time, x },
        temperature: x.map((depth, i) => along(mesh, temperature, depth, of[i]!)),
        relativeHumidity: humidities.map((one) => Math.min(1, one)),
        waterContent: humidities.map((one, i) => waterIn(stuffs[of[i]!]!, one)),
      }
    }),
    layers: output.map((time, k) => {
      const held = layers.map(({ thickness }, layer) => {
        let all = 0
        mesh.layers.forEach((one, i) => (all += one === layer ? waters[k]![i]! * mesh.widths[i]! : 0))
        // What is left wrong of a step may be a millionth of what it can hold, to either side.
        return Math.max(0, all) / thickness
      })
      return { time, waterContent: held }
    }),
    balance: run.balance,
  }
}

function waterIn(stuff: Stuff, humidity: number): number {
  const held = { value: 0, slope: 0 }
  readWater(stuff, humidity, held)
  return held.value
}

const notesOn = ({ ranOff, wettest }: SectionRun, coarse: boolean): Note[] => [
  ...noteIf(ranOff > 0, "ran-off", `${ranOff.toPrecision(3)} kg/m² of rain ran off a face that was full.`),
  ...noteIf(
    wettest > 1 + 1e-6,
    "over-full",
    "Somewhere more water comes than the stuff can hold: it is kept there, though in truth it would run or drip.",
  ),
  ...noteIf(coarse, "mesh", "Cells twice as fine still move something by more than 2 % of its range: give the layers more cells."),
]
