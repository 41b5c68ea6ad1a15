/** A tank or a pipe that holds water, with insulation around it. */
export type Vessel =
  | { kind: "tank"; /** m³ */ volume: number }
  | { kind: "pipe"; /** m, between its ends and across its inside */ length: number; bore: number }

/** W/(m·K) of foam or felt around it. */
const INSULATION = 0.038
/** m²·K/W of the air around it, still. */
const FILM = 0.13

/** kg of water in a vessel. */
export const waterIn = (vessel: Vessel): number =>
  1000 * (vessel.kind === "tank" ? vessel.volume : (vessel.length * Math.PI * vessel.bore ** 2) / 4)

/**
 * What a vessel passes between its water and the air around it, W/K: a tank as a cube, whose skin is least but for a ball's; a pipe as a
 * cylinder. Its own wall counts for nothing.
 * @param insulation thickness around it, m
 * @see EN ISO 12241:2008, 4.1 (pipes: ln(r₂/r₁)/(2πλ)), 4.3 (vessels)
 */
export function vesselConductance(vessel: Vessel, insulation: number): number {
  if (vessel.kind === "tank") return (6 * vessel.volume ** (2 / 3)) / (FILM + insulation / INSULATION)
  const [within, around] = [vessel.bore / 2, vessel.bore / 2 + insulation]
  return (2 * Math.PI * vessel.length) / (Math.log(around / within) / INSULATION + FILM / around)
}
