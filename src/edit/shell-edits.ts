import { greatestHeight } from "../core/shell/size"
import type { Dimension, Form, FormKind } from "../schema/job/form"
import type { FloorBox, Opening, Shell } from "../schema/job/job"
import { FACES } from "../schema/job/references"
import type { Edit } from "./edit"

/** How a measure is called in the list of edits. */
const CALLED: Record<Dimension, string> = {
  length: "length",
  width: "width",
  height: "height",
  wallHeight: "eaves",
  ridgeHeight: "ridge",
  leftHeight: "left height",
  rightHeight: "right height",
  crownHeight: "crown",
  waistHeight: "waist",
  shoulderWidth: "shoulder width",
  shoulderHeight: "shoulder height",
}

export const setDimension = (dimension: Dimension, value: number): Edit => ({
  label: `Measure of the ${CALLED[dimension]}`,
  recipe: ({ shell }) => {
    if (dimension in shell.form) Object.assign(shell.form, { [dimension]: value })
  },
})

/** Several measures at once: alone, each of them could contradict those that are still to be measured. */
export const setMeasures = (measures: Partial<Record<Dimension, number>>): Edit => ({
  label: "Measuring round",
  recipe: ({ shell }) => {
    for (const [dimension, value] of Object.entries(measures))
      if (dimension in shell.form) Object.assign(shell.form, { [dimension]: value })
  },
})

/** Another form of much the same size; its roof wears what the old one wore. */
export const setForm = (kind: FormKind): Edit => ({
  label: `Form: ${kind}`,
  recipe: (job) => {
    if (job.shell.form.kind === kind) return
    job.shell.form = likeForm(kind, job.shell.form)
    const faces = FACES[kind]
    for (const opening of Object.values(job.shell.openings))
      if (!faces.includes(opening.face)) opening.face = faces.find((face) => face.startsWith("roof"))!
    for (const variant of Object.values(job.variants)) {
      const worn = variant.wears
      const overhead = worn.roof ?? worn["roof-left"] ?? worn.left!
      variant.wears = Object.fromEntries(faces.map((face) => [face, worn[face] ?? overhead]))
    }
  },
})

/** A form of another kind with the same floor and walls of the same height. */
function likeForm(kind: FormKind, { length, width, ...old }: Form): Form {
  const wall =
    "wallHeight" in old
      ? old.wallHeight
      : "height" in old
        ? old.height
        : "leftHeight" in old
          ? Math.min(old.leftHeight, old.rightHeight)
          : old.shoulderHeight
  const top = greatestHeight({ length, width, ...old })
  const floor = { length, width }
  const ridge = Math.max(top, wall + Math.min(length, width) / 4)
  switch (kind) {
    case "box":
      return { kind, ...floor, height: wall }
    case "shed":
      return { kind, ...floor, leftHeight: ridge, rightHeight: wall }
    case "gable":
    case "hip":
      return { kind, ...floor, wallHeight: wall, ridgeHeight: ridge }
    case "arch":
      return { kind, ...floor, wallHeight: wall, crownHeight: wall + width / 8 }
    case "van":
      return { kind, ...floor, waistHeight: wall * 0.55, shoulderWidth: width * 0.9, shoulderHeight: wall * 0.95, crownHeight: wall }
  }
}

export const addBox = (id: string, box: FloorBox): Edit => ({ label: `Add ${box.name}`, recipe: (job) => void (job.shell.boxes[id] = box) })

export const setBox = (id: string, change: Partial<FloorBox>): Edit => ({
  label: "Change a box on the floor",
  recipe: (job) => {
    const box = job.shell.boxes[id]
    if (box) Object.assign(box, change)
  },
})

export const removeBox = (id: string): Edit => ({ label: "Remove a box on the floor", recipe: (job) => void delete job.shell.boxes[id] })

export const setAzimuth = (azimuth: number): Edit => ({
  label: "Direction of the front",
  recipe: (job) => void (job.shell.azimuth = ((azimuth % 360) + 360) % 360),
})

export const setSetting = (setting: Shell["setting"]): Edit => ({
  label: "Where it stands",
  recipe: (job) => void (job.shell.setting = setting),
})

export const setFloor = (floor: Shell["floor"]): Edit => ({
  label: "What is under the floor",
  recipe: (job) => void (job.shell.floor = floor),
})

export const addOpening = (id: string, opening: Opening): Edit => ({
  label: `Add ${opening.name}`,
  recipe: (job) => void (job.shell.openings[id] = opening),
})

export const setOpening = (id: string, change: Partial<Opening>): Edit => ({
  label: `Change ${change.name ?? "an opening"}`,
  recipe: (job) => {
    const opening = job.shell.openings[id]
    if (opening) Object.assign(opening, change)
  },
})

export const removeOpening = (id: string): Edit => ({ label: "Remove an opening", recipe: (job) => void delete job.shell.openings[id] })
