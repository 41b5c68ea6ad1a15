import type { BuiltLayer } from "./build-up"

/** Up to this emissivity a face is called reflective. */
const REFLECTIVE = 0.2

/**
 * Foils and foil-faced boards that touch something on both sides: without an air space beside it a bright face reflects nothing.
 * Skins of metal and the two surfaces of the build-up are not meant.
 * @see ISO 6946:2017, annex D (a low emissivity counts in the radiation across an air space only)
 */
export function idleFoils(layers: readonly BuiltLayer[]): BuiltLayer[] {
  return layers.filter(({ material }, i) => {
    const [outer, inner] = [layers[i - 1], layers[i + 1]]
    const sheet = material.class === "metal" && material.sold.form !== "roll"
    if (sheet || material.face.emissivity > REFLECTIVE || !outer || !inner) return false
    return outer.material.class !== "air" && inner.material.class !== "air"
  })
}
