import * as z from "zod"
import { quantity } from "../quantity"

/** A length of the shell, m. */
export const shellLength = (meaning: string) => quantity("m", meaning, { min: 0.05, max: 200 })

const common = { length: shellLength("back to front"), width: shellLength("left to right") }

/** The forms of a shell, by what a tape measures of them; all but the hip are one cross-section drawn out along the length. */
export const Form = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("box"), ...common, height: shellLength("floor to roof") }),
  z.strictObject({
    kind: z.literal("gable"),
    ...common,
    wallHeight: shellLength("floor to eaves"),
    ridgeHeight: shellLength("floor to ridge; above the eaves"),
  }),
  z.strictObject({
    kind: z.literal("shed"),
    ...common,
    leftHeight: shellLength("floor to roof at the left"),
    rightHeight: shellLength("floor to roof at the right"),
  }),
  z.strictObject({
    kind: z.literal("hip"),
    ...common,
    wallHeight: shellLength("floor to eaves"),
    ridgeHeight: shellLength("floor to ridge; above the eaves"),
  }),
  z.strictObject({
    kind: z.literal("arch"),
    ...common,
    wallHeight: shellLength("floor to the spring of the arch"),
    crownHeight: shellLength("floor to crown; above the spring by no more than half the width"),
  }),
  z.strictObject({
    kind: z.literal("van"),
    length: shellLength("bulkhead to rear doors"),
    width: shellLength("wall to wall at the floor"),
    waistHeight: shellLength("floor to where the walls begin to lean"),
    shoulderWidth: shellLength("wall to wall at the top of the walls"),
    shoulderHeight: shellLength("floor to the top of the walls; above the waist"),
    crownHeight: shellLength("floor to the middle of the roof; at least the shoulder's"),
  }),
])
export type Form = z.output<typeof Form>
export type FormKind = Form["kind"]

/** Every measure that a form may have. */
export const Dimension = z.enum([
  "length",
  "width",
  "height",
  "wallHeight",
  "ridgeHeight",
  "leftHeight",
  "rightHeight",
  "crownHeight",
  "waistHeight",
  "shoulderWidth",
  "shoulderHeight",
])
export type Dimension = z.output<typeof Dimension>

/** The value of a measure, m; undefined where the form has none of that name. */
export const measureOf = (form: Form, dimension: Dimension): number | undefined => (form as Partial<Record<Dimension, number>>)[dimension]

/**
 * Measures that contradict each other.
 * @returns the measure to mend and why, or null
 */
export function formContradiction(form: Form): { dimension: Dimension; message: string } | null {
  switch (form.kind) {
    case "box":
    case "shed":
      return null
    case "gable":
    case "hip":
      return form.ridgeHeight > form.wallHeight ? null : { dimension: "ridgeHeight", message: "The ridge must be higher than the eaves." }
    case "arch": {
      const rise = form.crownHeight - form.wallHeight
      if (rise <= 0) return { dimension: "crownHeight", message: "The crown must be higher than the spring of the arch." }
      return rise <= form.width / 2 ? null : { dimension: "crownHeight", message: "An arch rises at most half its width above its spring." }
    }
    case "van": {
      if (form.shoulderHeight <= form.waistHeight)
        return { dimension: "shoulderHeight", message: "The top of the walls must be higher than the waist." }
      const rise = form.crownHeight - form.shoulderHeight
      if (rise < 0) return { dimension: "crownHeight", message: "The middle of the roof cannot be lower than the top of the walls." }
      return rise <= greatestCamber(form) * (1 + 1e-9)
        ? null
        : { dimension: "crownHeight", message: "A roof that rises so far would bulge out past the walls under it." }
    }
  }
}

/** The rise of a round roof that leaves the leaning walls straight on, m: half its width over upright walls. */
export function greatestCamber(
  van: Pick<Extract<Form, { kind: "van" }>, "width" | "waistHeight" | "shoulderWidth" | "shoulderHeight">,
): number {
  const lean = Math.max(0, van.width - van.shoulderWidth) / 2
  const slope = Math.atan2(van.shoulderHeight - van.waistHeight, lean)
  return (van.shoulderWidth / 2) * Math.tan(slope / 2)
}
