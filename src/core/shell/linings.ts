/** Thicknesses of the build-ups that eat into the inside, m. */
export interface Linings {
  floor: number
  left: number
  right: number
  front: number
  back: number
  /** Flat roof, or the thickest slope. */
  roof: number
}
