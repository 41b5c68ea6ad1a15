import type { FaceId, Form, Opening, Shell } from "../schema/job/job"
import { FACES } from "../schema/job/references"
import type { Edit } from "./edit"

/** Names of a form's measures. */
export type Dimension = "length" | "width" | "height" | "wallHeight" | "ridgeHeight"

export const setDimension = (dimension: Dimension, value: number): Edit => ({
  label: `Measure of the ${dimension === "wallHeight" ? "eaves" : dimension === "ridgeHeight" ? "ridge" : dimension}`,
  recipe: ({ shell }) => {
    if (dimension in shell.form) Object.assign(shell.form, { [dimension]: value })
  },
})

/** The other form of much the same size; roof faces take over what the old roof wore. */
export const setForm = (kind: Form["kind"]): Edit => ({
  label: kind === "box" ? "Flat roof" : "Gable roof",
  recipe: (job) => {
    const { form } = job.shell
    if (form.kind === kind) return
    const { length, width } = form
    job.shell.form =
      form.kind === "gable"
        ? { kind: "box", length, width, height: form.wallHeight }
        : { kind: "gable", length, width, wallHeight: form.height, ridgeHeight: form.height + width / 4 }
    const roof = (face: FaceId): FaceId => (face.startsWith("roof") ? (kind === "box" ? "roof" : "roof-left") : face)
    for (const opening of Object.values(job.shell.openings)) opening.face = roof(opening.face)
    for (const variant of Object.values(job.variants)) {
      const worn = variant.wears
      const overhead = worn.roof ?? worn["roof-left"] ?? worn.left!
      variant.wears = Object.fromEntries(FACES[kind].map((face) => [face, worn[face] ?? overhead]))
    }
  },
})

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
