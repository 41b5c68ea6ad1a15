import type { BridgeInput } from "../../schema/bridge"
import { vapourPressureAt } from "../air/moist-air"
import { dewPoint } from "../air/dew-point"
import { builtLayers, memberSets, setsOf, transmittanceInput } from "../assembly/build-up"
import { heatFlowDirection, INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { thermalTransmittance } from "../assembly/thermal-transmittance"
import { type DetailClimate, memberDetail } from "../conduction/member-detail"
import type { Season } from "../heat/beyond"
import type { Conditions } from "../heat/conditions"
import { pitchOf } from "../shell/members"
import { type FaceFigures, temperatureBeyondFace } from "./face-figures"

/** A member of a face set up for the calculation in two dimensions, in the season that drives most heat through it. */
export interface FaceDetail {
  body: BridgeInput
  climate: DetailClimate
  season: Season
  /** Transmittance of the same stretch by the combined method, W/(m²·K). */
  combined: number
  /** Below this the air indoors leaves its water on the inside face, °C; null for dry air. */
  dewPoint: number | null
}

/** The stretch of a face around one member of a set; null where no layer lies between such. */
export function faceDetail(figures: FaceFigures, set: string, conditions: Conditions): FaceDetail | null {
  const seasons = (["winter", "summer"] as const).map((season) => {
    const { inside, outside } = conditions[season]
    const beyond = temperatureBeyondFace(figures, season, inside.temperature, outside.temperature)
    return { season, inside, beyond, difference: inside.temperature - beyond }
  })
  const { season, inside, beyond, difference } = seasons.reduce((most, one) =>
    Math.abs(one.difference) > Math.abs(most.difference) ? one : most,
  )
  const direction = heatFlowDirection(figures.face.tilt, difference >= 0)
  const film = figures.beyond.kind === "space" ? INDOOR_RESISTANCE[direction] : OUTDOOR_RESISTANCE
  const climate: DetailClimate = {
    inside: { temperature: inside.temperature, resistance: INDOOR_RESISTANCE[direction] },
    outside: { temperature: beyond, resistance: film },
    direction,
  }
  const members = figures.layers.find(({ layer }) => layer.between === set)?.set
  if (!members || figures.beyond.kind === "ground" || difference === 0) return null
  const pitch = Math.max(pitchOf(members), members.width)
  const body = memberDetail(figures.layers, set, pitch, climate)
  if (!body) return null
  // The same stretch: this set at its pitch, and no other.
  const stretch = figures.layers.map((layer) =>
    layer.layer.between === set ? { ...layer, fraction: members.width / pitch } : { ...layer, set: null, fraction: 0 },
  )
  const combined = thermalTransmittance(
    { ...transmittanceInput(stretch, direction, film), rsi: INDOOR_RESISTANCE[direction] },
    setsOf(stretch),
  ).uValue
  return { body, climate, season, combined, dewPoint: dewPoint(vapourPressureAt(inside.temperature, inside.relativeHumidity)) }
}

/** A face with one layer more across the inside of a set's members; only its layers are those of the changed build-up. */
export function withBreak(figures: FaceFigures, set: string, material: string, thickness: number): FaceFigures {
  const { layers } = figures
  const last = layers.map(({ layer }) => layer.between).lastIndexOf(set)
  const members = Object.fromEntries(memberSets(layers))
  const fresh = { material, thickness, existing: false, voids: 0, between: null } as const
  const [built] = builtLayers({ name: "", absorptance: null, members, layers: { break: fresh }, order: ["break"] }, () => 0)
  return { ...figures, layers: [...layers.slice(0, last + 1), built!, ...layers.slice(last + 1)] }
}
