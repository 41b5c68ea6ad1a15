import type { Body } from "./body"
import type { SolvedBody } from "./bridge"
import type { Mesh } from "./mesh"
import { cornerTemperatures } from "./temperatures"

/** Temperatures of a body at the crossings of a rectangular grid, as much as a picture can show. */
export interface TemperaturePicture extends Mesh {
  /** °C, row by row from below. */
  temperature: Float64Array
}

/** Lines along one axis that a picture can show. */
const MOST = 240

/** The temperatures of a solved body on as many of its mesh's lines as a picture can show; each line of the drawing is among them. */
export function temperaturePicture(body: Body, { drawn: field }: SolvedBody): TemperaturePicture {
  const corners = cornerTemperatures(body, field)
  const { x, y } = field.mesh
  // Each mesh was halved from the one before: every second line is a line of that.
  const [everyX, everyY] = [stepOf(x), stepOf(y)]
  const columns = indices(x, everyX)
  const temperature = indices(y, everyY).flatMap((row) => columns.map((column) => corners[row * x.length + column]!))
  return {
    x: Float64Array.from(columns, (i) => x[i]!),
    y: Float64Array.from(indices(y, everyY), (i) => y[i]!),
    temperature: Float64Array.from(temperature),
  }
}

function stepOf(lines: Float64Array): number {
  let step = 1
  while ((lines.length - 1) / step > MOST && (lines.length - 1) % (2 * step) === 0) step *= 2
  return step
}

const indices = (lines: Float64Array, step: number) => Array.from({ length: (lines.length - 1) / step + 1 }, (_, i) => i * step)

/** A straight piece of an isotherm, m. */
export type Segment = readonly [x1: number, y1: number, x2: number, y2: number]

/**
 * The line of one temperature through a picture, as straight pieces from cell border to cell border.
 * @param level °C
 * @see marching squares; a saddle is cut by the mean of its corners
 */
export function isotherm({ x, y, temperature }: TemperaturePicture, level: number): Segment[] {
  const segments: Segment[] = []
  const across = x.length
  for (let row = 0; row + 1 < y.length; row++)
    for (let column = 0; column + 1 < across; column++) {
      const at = row * across + column
      const corners = [temperature[at]!, temperature[at + 1]!, temperature[at + across + 1]!, temperature[at + across]!]
      const places = [
        [x[column]!, y[row]!],
        [x[column + 1]!, y[row]!],
        [x[column + 1]!, y[row + 1]!],
        [x[column]!, y[row + 1]!],
      ] as const
      const crossings = corners.flatMap((from, i) => {
        const to = corners[(i + 1) % 4]!
        if (from >= level === to >= level) return []
        const share = (level - from) / (to - from)
        const [[ax, ay], [bx, by]] = [places[i]!, places[(i + 1) % 4]!]
        return [[ax + share * (bx - ax), ay + share * (by - ay)] as const]
      })
      const [a, b, c, d] = crossings
      if (!a || !b) continue
      if (!c || !d) segments.push([...a, ...b])
      else {
        const mean = corners.reduce((sum, value) => sum + value, 0) / 4
        // The middle goes with the first corner or stands against it.
        if (mean >= level === corners[0]! >= level) segments.push([...a, ...b], [...c, ...d])
        else segments.push([...a, ...d], [...b, ...c])
      }
    }
  return segments
}

/** Temperatures between two, at whole steps that a person counts in, about `lines` of them. */
export function roundLevels(low: number, high: number, lines = 10): number[] {
  const rough = (high - low) / lines
  if (!(rough > 0)) return []
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].find((part) => part * power >= rough * (1 - 1e-9))! * power
  const first = Math.ceil(low / step + 1e-9)
  return Array.from({ length: Math.max(0, Math.ceil(high / step - 1e-9) - first) }, (_, i) => (first + i) * step)
}
