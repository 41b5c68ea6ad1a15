import type { Dimension, FormKind } from "../schema/job/form"
import type { Reading } from "../schema/job/shell"

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
    { dimension: "wallBow", label: "Bow of the upper walls" },
    { dimension: "crownHeight", label: "Height in the middle" },
  ],
}

/** Where to hold the tape for each measure. */
export const TAPE_HINTS: Record<Dimension, string> = {
  length: "From front to back, along the floor.",
  width: "From wall to wall across the floor.",
  height: "From the floor straight up to the roof.",
  wallHeight: "From the floor up to where the wall ends and the roof begins.",
  ridgeHeight: "From the floor up to the highest line of the roof.",
  leftHeight: "At the left wall, looking to the front: floor to roof.",
  rightHeight: "At the right wall, looking to the front: floor to roof.",
  crownHeight: "In the middle, from the floor up to the highest point of the roof.",
  waistHeight: "From the floor up to where the walls begin to lean in.",
  shoulderWidth: "From wall to wall at the top of the walls, under the roof.",
  shoulderHeight: "From the floor up to the top of the walls.",
  wallBow: "Outside, past a straight board held from the waist to the top of the wall; 0 where the wall is straight.",
}

/** The forms, in words. */
export const FORM_NAMES: Record<FormKind, string> = {
  box: "box, flat roof",
  van: "van: leaning or curved walls, round roof",
  gable: "gable roof",
  shed: "one slope",
  hip: "hip roof",
  arch: "arched roof",
}

/** Where a tape is held, in words. */
export const HELD: Record<Reading["held"], string> = {
  outside: "outside, over all",
  bare: "inside, before any work",
  ribs: "inside, from rib to rib",
  lined: "inside, between finished linings",
}
