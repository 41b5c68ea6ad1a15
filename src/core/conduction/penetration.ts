import type { Penetration } from "../../schema/job/shell"
import { besselRatio } from "../numeric/bessel"
import type { Films } from "../assembly/surface-resistance"
import { PLASTIC } from "./reveal-detail"

/** A bar through a build-up. */
export interface Bar {
  conductivity: number
  /** Section that conducts, and all within its outline, m²; around it, m. */
  section: number
  outline: number
  perimeter: number
  /** Lengths that stand out of the build-up on either side, m. */
  outdoors: number
  indoors: number
  /** Length of plastic in its run, m. */
  break: number
}

/** A bar by the size of its section. @param conductivity W/(m·K) @param parted length of plastic in its run, m */
export function barOf(
  { shape, width, wall, outdoors, indoors }: Pick<Penetration, "shape" | "width" | "wall" | "outdoors" | "indoors">,
  conductivity: number,
  parted: number,
): Bar {
  const [area, around] = shape === "round" ? [Math.PI / 4, Math.PI] : [1, 4]
  const outline = area * width ** 2
  const section = outline - (wall === null ? 0 : area * (width - 2 * wall) ** 2)
  return { conductivity, section, outline, perimeter: around * width, outdoors, indoors, break: parted }
}

/** The layer that a bar touches at a face of the build-up: it spreads the bar's heat. */
export interface Spreader {
  conductivity: number
  thickness: number
}

/** What a bar passes. */
export interface PointFigures {
  /** Point thermal transmittance χ, W/K. */
  pointTransmittance: number
  /** Where it enters the faces, between outdoors, 0, and indoors, 1. */
  coldestInside: number
  warmestOutside: number
}

/**
 * Point thermal transmittance of a bar through a build-up: its run in series with what takes its heat up and gives it off at either end,
 * a fin in the air and the layer there as a round fin around it. What it loses sideways to the insulation along its run is left out, which
 * is little for anything that conducts like metal.
 * @param span thickness of the build-up, m
 * @param ends the layers at its two faces, null where one spreads nothing
 * @param soil conductivity of the ground in place of outdoor air, W/(m·K)
 * @see ISO 10211:2017, 3.2.8 (χ); Incropera et al., Fundamentals of Heat and Mass Transfer, table 3.4 (fin with a convecting tip), 3.6.4
 *   (annular fin), table 4.1 (disk on, and cylinder in, a semi-infinite medium)
 */
export function barThrough(
  bar: Bar,
  span: number,
  transmittance: number,
  films: Pick<Films, "inside" | "outside">,
  ends: { inner: Spreader | null; outer: Spreader | null },
  soil: number | null,
): PointFigures {
  const inside = 1 / (finConductance(bar, bar.indoors, 1 / films.inside) + spreading(bar, ends.inner, 1 / films.inside))
  const outside =
    1 /
    (soil === null
      ? finConductance(bar, bar.outdoors, 1 / films.outside) + spreading(bar, ends.outer, 1 / films.outside)
      : soil * groundShape(bar))
  const parted = Math.min(bar.break, span)
  const along = (span - parted) / (bar.conductivity * bar.section) + parted / (PLASTIC * bar.outline)
  const whole = inside + along + outside
  return { pointTransmittance: 1 / whole - transmittance * bar.outline, coldestInside: 1 - inside / whole, warmestOutside: outside / whole }
}

/**
 * Conductance from the foot of a bar that stands out into the air to that air, W/K.
 * @param length m; 0: its end lies in the face
 * @param film W/(m²·K)
 */
export function finConductance({ conductivity, section, outline, perimeter }: Bar, length: number, film: number): number {
  const m = Math.sqrt((film * perimeter) / (conductivity * section))
  const long = conductivity * section * m
  const tip = (film * outline) / long
  const reach = Math.tanh(m * length)
  return (long * (reach + tip)) / (1 + tip * reach)
}

/** A layer spreads heat as a fin does while it is no more of a resistance across than the film on it. */
function spreading({ outline }: Bar, layer: Spreader | null, film: number): number {
  if (!layer || film * layer.thickness > layer.conductivity) return 0
  return ringConductance(layer, Math.sqrt(outline / Math.PI), film)
}

/** Conductance of an endless sheet around a round hole, one face in the air, W/K. @param radius m @param film W/(m²·K) */
export function ringConductance({ conductivity, thickness }: Spreader, radius: number, film: number): number {
  const m = Math.sqrt(film / (conductivity * thickness))
  return 2 * Math.PI * radius * conductivity * thickness * m * besselRatio(m * radius)
}

/** Shape factor of a bar's foot in or on the ground, m. */
function groundShape({ outline, outdoors }: Bar): number {
  const diameter = 2 * Math.sqrt(outline / Math.PI)
  return outdoors > diameter ? (2 * Math.PI * outdoors) / Math.log((4 * outdoors) / diameter) : 2 * diameter
}
