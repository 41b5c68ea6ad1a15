import type { FaceId } from "../../schema/job/job"
import { type Conditions, conditionsOf } from "../heat/conditions"
import { dampRank } from "../moisture/damp-verdict"
import { sum } from "../numeric/sum"
import { facesOf } from "../shell/faces"
import { type Misfit, misfits } from "../shell/opening-fit"
import { type ClearInside, clearInside, skinAgainstCube, volumeOf } from "../shell/size"
import { type FaceFigures, faceFigures } from "./face-figures"
import { type HeatGain, heatGain } from "./heat-gain"
import { type HeatLoss, heatLoss } from "./heat-loss"
import type { JobState } from "./state"
import { type MonthEnergy, yearOfEnergy } from "./year"

/** The headline figures of a job and what they are made of; SI. */
export interface Ledger {
  conditions: Conditions
  faces: FaceFigures[]
  loss: HeatLoss
  gain: HeatGain
  /** J */
  year: { total: number; months: MonthEnergy[] }
  clear: ClearInside
  volume: number
  skinArea: number
  /** How many times the skin of a cube of the same volume. */
  skinAgainstCube: number
  /** kg and € that the build-ups add */
  weight: number
  money: number
  /** The face that stands worst. */
  wettest: FaceFigures
  misfits: Misfit[]
}

/** Works out all figures of one way to build a job. */
export function ledgerOf(state: JobState): Ledger {
  const { brief, shell } = state
  const conditions = conditionsOf(brief, shell)
  const outlines = facesOf(shell)
  const thickness = (id: FaceId) => liningThickness(state, id)
  const slab = {
    perimeter: 2 * (shell.form.length + shell.form.width),
    wallThickness: sum((["left", "right", "front", "back"] as const).map(thickness)) / 4,
  }
  const faces = outlines.map((face) => faceFigures(state, face, conditions, slab))
  const roofs = outlines.filter((face) => face.id.startsWith("roof")).map((face) => thickness(face.id))
  const boxes = Object.values(shell.boxes)
  const volume = volumeOf(shell.form, boxes)
  return {
    conditions,
    faces,
    loss: heatLoss(state, faces, conditions),
    gain: heatGain(state, faces, conditions),
    year: yearOfEnergy(state, faces, conditions),
    clear: clearInside(
      shell.form,
      {
        floor: thickness("floor"),
        left: thickness("left"),
        right: thickness("right"),
        front: thickness("front"),
        back: thickness("back"),
        roof: Math.max(...roofs),
      },
      boxes,
    ),
    volume,
    skinArea: sum(outlines.map((face) => face.area)) + sum(boxes.map((box) => 2 * box.width * box.height)),
    skinAgainstCube: skinAgainstCube(outlines, volume),
    weight: sum(faces.map((face) => face.netArea * face.mass)),
    money: sum(faces.map((face) => face.netArea * face.price)),
    wettest: faces.reduce((worst, face) => (dampRank(face.damp.verdict) > dampRank(worst.damp.verdict) ? face : worst)),
    misfits: misfits(shell, outlines),
  }
}

/** How far a face's build-up reaches into the shell, m; a slab that is there already lies below the floor line. */
function liningThickness({ shell, variant }: JobState, id: FaceId): number {
  const assembly = variant.assemblies[variant.wears[id]!]!
  const onSlab = id === "floor" && shell.floor === "ground"
  const layers = assembly.order.map((layer) => assembly.layers[layer]!)
  return sum(layers.filter((layer) => !(onSlab && layer.existing)).map((layer) => layer.thickness))
}
