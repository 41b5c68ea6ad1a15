import { sum } from "../numeric/sum"
import { EXPONENT } from "./infiltration"

/** How well a joint is closed. */
export type Tightness = "tight" | "usual" | "open"

/** What air leaks through: so much of it, and how well it is closed. */
export interface LeakPart {
  kind: keyof typeof LEAKAGE_AREA
  /** m, or how many */
  amount: number
  tightness: Tightness
}

/**
 * Effective leakage area at 4 Pa of a metre or a piece, m²: caulked or taped with care, as it is usually found, and left open.
 * @see ASHRAE Fundamentals 2001, ch. 26, table 1 (best estimate, least and most): sole plate, caulked and uncaulked; casement windows with and
 * without weatherstrip; single doors with and without; penetrations caulked and uncaulked; bathroom vent with its damper closed and open
 */
export const LEAKAGE_AREA = {
  joint: { tight: 0.075e-4, usual: 0.8e-4, open: 4e-4 },
  window: { tight: 0.1e-4, usual: 0.24e-4, open: 0.28e-4 },
  door: { tight: 4e-4, usual: 12e-4, open: 21e-4 },
  penetration: { tight: 1e-4, usual: 2e-4, open: 6e-4 },
  vent: { tight: 2.5e-4, usual: 10e-4, open: 20e-4 },
} as const satisfies Record<string, Readonly<Record<Tightness, number>>>

/** Leakage area of a part at 4 Pa, m². */
export const partArea = ({ kind, amount, tightness }: LeakPart): number => amount * LEAKAGE_AREA[kind][tightness]

/**
 * Air changes an hour at 50 Pa of all parts together.
 * @param volume of the air inside, m³
 * @see ASHRAE Fundamentals 2017, ch. 16, eq. 41 and 42: Q = A_L·√(2Δp/ρ), and with the pressure to the power of 0.65
 */
export function airChangesOf(parts: readonly LeakPart[], volume: number): number {
  const atFour = sum(parts.map(partArea)) * Math.sqrt((2 * 4) / 1.2041)
  return ((atFour * (50 / 4) ** EXPONENT) / volume) * 3600
}

/** Air changes at 50 Pa from one reading of a fan, by the usual exponent. @param flow m³/s */
export const airChangesFrom = (pressure: number, flow: number, volume: number): number =>
  ((flow * (50 / pressure) ** EXPONENT) / volume) * 3600
