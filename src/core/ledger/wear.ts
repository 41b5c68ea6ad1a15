import type { Assembly } from "../../schema/job/build-up"
import type { Brief, OwnMaterials } from "../../schema/job/job"
import type { Shell } from "../../schema/job/shell"
import type { HeatFlowDirection } from "../../schema/quantity"
import { builtLayers, type BuiltLayer, setsOf, transmittanceInput } from "../assembly/build-up"
import { inService } from "../assembly/in-service"
import { heatFlowDirection, INDOOR_RESISTANCE, OUTDOOR_RESISTANCE, SUMMER_OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { thermalTransmittance } from "../assembly/thermal-transmittance"
import { filmOutside } from "../assembly/ventilated"
import { beyond, roughBeyond, type Season } from "../heat/beyond"
import { conditionsOf } from "../heat/conditions"
import { kept } from "../kept"
import { withOwnMaterials } from "../material/catalogue"
import type { Face } from "../shell/face"
import { memberShare } from "../shell/framing"
import type { FaceFigures } from "./face-figures"
import { drivingSeason, setsBeyondCombined, withoutSets } from "./member-bridge"

/** Face, layers and conductivities: all that no other face and nothing solved changes. */
export type Wear = Pick<FaceFigures, "beyond" | "layers" | "summerLayers" | "driven" | "lineFilms" | "winter" | "summerFilm"> & {
  /** Sets of members that the combined method does not hold for. */
  sets: string[]
  outward: HeatFlowDirection
  winterFilm: number
  /** Without those sets, W/(m²·K). */
  summerTransmittance: number
}

/** An assembly as a face wears it; a face whose build-up was not touched is not worked out again. */
export const wearOf = kept((assembly: Assembly, shell: Shell, brief: Brief, materials: OwnMaterials, face: Face): Wear => {
  const conditions = conditionsOf(brief, shell)
  const outward = heatFlowDirection(face.tilt, true)
  const inward = heatFlowDirection(face.tilt, false)
  const far = beyond(shell, face.id)
  const sheltered = far.kind === "space"
  const winterFilm = sheltered ? INDOOR_RESISTANCE[outward] : OUTDOOR_RESISTANCE
  const summerFilm = sheltered ? INDOOR_RESISTANCE[inward] : SUMMER_OUTDOOR_RESISTANCE
  const declared = builtLayers(assembly, (set) => memberShare(shell, face, set), withOwnMaterials(materials))
  const served = (season: Season) => {
    const { inside, outside } = conditions[season]
    const [direction, film] = season === "winter" ? [outward, winterFilm] : [inward, summerFilm]
    const airs = {
      inside: inside.temperature,
      outside: roughBeyond(far, season, inside.temperature, outside.temperature, conditions.annualMean),
    }
    return inService(declared, brief.service, airs, { inside: INDOOR_RESISTANCE[direction], outside: film, direction })
  }
  const [layers, summerLayers] = [served("winter"), served("summer")]
  const combined = (some: readonly BuiltLayer[], direction: HeatFlowDirection, film: number) =>
    thermalTransmittance(transmittanceInput(some, direction, film), setsOf(some))
  const all = combined(layers, outward, winterFilm)
  const driven = (drivingSeason(conditions, far) === "summer" ? summerLayers : layers).filter(({ counted }) => counted > 0)
  // Under a slab the ground spreads the heat; the combined method serves there.
  const sets = far.kind === "ground" ? [] : setsBeyondCombined(driven, all)
  return {
    beyond: far,
    layers,
    summerLayers,
    driven,
    lineFilms: {
      inside: INDOOR_RESISTANCE.horizontal,
      outside: filmOutside(layers[0]!.counted, sheltered ? INDOOR_RESISTANCE.horizontal : OUTDOOR_RESISTANCE, "horizontal"),
      direction: "horizontal",
    },
    sets,
    outward,
    winterFilm,
    winter: sets.length === 0 ? all : combined(withoutSets(layers, sets), outward, winterFilm),
    summerFilm,
    summerTransmittance: combined(withoutSets(summerLayers, sets), inward, summerFilm).uValue,
  }
})
