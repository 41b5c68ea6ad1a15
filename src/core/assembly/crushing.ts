import type { Load } from "../../schema/job/shell"
import type { Material } from "../../schema/material"
import type { BuiltLayer } from "./build-up"

const GRAVITY = 9.81

/** Stuffs stiff enough to spread a load sideways as it goes down through them. */
const STIFF: ReadonlySet<Material["class"]> = new Set(["wood", "board", "stone", "metal", "plaster", "glass"])
/** Stuffs that give way under a load. */
const SOFT: ReadonlySet<Material["class"]> = new Set(["foam", "fibre", "covering"])

/**
 * Share of the compressive strength that may stand on a stuff. Foams and fibres creep: what stays there for years may be
 * 0.30 of the stress at 10 % strain; of what passes, half is taken, as 10 % is damage already. Others by kmod of timber.
 * @see EN 13163:2012, annex D (2 % of creep in 50 years under 0.30 σ10); EN 1995-1-1, table 3.1
 */
const bearable = ({ class: kind }: Material, lasting: boolean): number => (SOFT.has(kind) ? (lasting ? 0.3 : 0.5) : lasting ? 0.6 : 0.9)

/** A layer of the floor under a load. */
export interface Pressed {
  layer: BuiltLayer
  /** On its upper side, and what it bears, Pa; null where no strength is known. */
  stress: number
  bears: number | null
}

/**
 * What a load presses on the layers of a floor, from the top down. It spreads at 45° through stiff layers and not at all through soft
 * ones; members carry what lies between them, so the first layer between members is where it ends.
 * @param layers outside (below) to inside (above)
 * @see EN 1991-2:2003, 4.3.6 (dispersal 1 to 1 through slabs)
 */
export function pressedLayers(layers: readonly BuiltLayer[], { mass, width, length, lasting }: Load): Pressed[] {
  const pressed: Pressed[] = []
  let spread = 0
  for (const layer of [...layers].reverse()) {
    if (layer.layer.between !== null) break
    const { class: kind, compressiveStrength } = layer.material
    const stress = (mass * GRAVITY) / ((width + 2 * spread) * (length + 2 * spread))
    const bears = compressiveStrength === null ? null : compressiveStrength * bearable(layer.material, lasting)
    if (kind !== "air" && kind !== "membrane") pressed.push({ layer, stress, bears })
    if (STIFF.has(kind)) spread += layer.layer.thickness
  }
  return pressed
}

/** The layers that a load crushes; fibres without a strength bear nothing. */
export function crushedLayers(layers: readonly BuiltLayer[], load: Load): Pressed[] {
  return pressedLayers(layers, load).filter(({ layer, stress, bears }) =>
    bears === null ? layer.material.class === "fibre" : stress > bears,
  )
}
