/** The temperature ramp, evenly to the eye: frost at −1, bench at 0, ember at 1. */
export function ramp(position: number): string {
  const share = Math.round(Math.min(1, Math.abs(position)) * 100)
  return `color-mix(in oklab, var(--${position < 0 ? "frost" : "ember"}) ${share * 0.72}%, var(--sheet))`
}
