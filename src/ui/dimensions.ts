import type { Dimension, FormKind } from "../schema/job/form"

const LENGTH_ALONG_RIDGE = { dimension: "length", label: "Length, along the ridge" } as const
const WIDTH = { dimension: "width", label: "Width" } as const
const EAVES = { dimension: "wallHeight", label: "Height at the eaves" } as const
const RIDGE = { dimension: "ridgeHeight", label: "Height at the ridge" } as const

/** What is measured of each form, in the order in which one asks for it. */
export const DIMENSIONS: Record<FormKind, readonly { dimension: Dimension; label: string }[]> = {
  box: [
    { dimension: "length", label: "Length" },
    { dimension: "width", label: "Width" },
    { dimension: "height", label: "Height" },
  ],
  gable: [LENGTH_ALONG_RIDGE, WIDTH, EAVES, RIDGE],
  hip: [{ dimension: "length", label: "Length" }, WIDTH, EAVES, RIDGE],
  shed: [
    { dimension: "length", label: "Length" },
    WIDTH,
    { dimension: "leftHeight", label: "Height at the left" },
    { dimension: "rightHeight", label: "Height at the right" },
  ],
  arch: [
    { dimension: "length", label: "Length" },
    WIDTH,
    { dimension: "wallHeight", label: "Height of the straight walls" },
    { dimension: "crownHeight", label: "Height of the crown" },
  ],
  van: [
    { dimension: "length", label: "Length" },
    { dimension: "width", label: "Width at the floor" },
    { dimension: "waistHeight", label: "Height of the waist" },
    { dimension: "shoulderWidth", label: "Width at the shoulders" },
    { dimension: "shoulderHeight", label: "Height of the shoulders" },
    { dimension: "crownHeight", label: "Height in the middle" },
  ],
}

/** The forms, in words. */
export const FORM_NAMES: Record<FormKind, string> = {
  box: "box, flat roof",
  van: "van: leaning walls, round roof",
  gable: "gable roof",
  shed: "one slope",
  hip: "hip roof",
  arch: "arched roof",
}
