import * as z from "../zod"
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
    wallBow: quantity("m", "how far the upper walls bow out past a straight edge from waist to shoulder; 0 where they are straight", {
      min: 0,
      max: 20,
    }),
    crownHeight: shellLength("floor to the middle of the roof; at least the shoulder's"),
  }),
])
export type Form = z.output<typeof Form>
/** Kind of a form. */
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
  "wallBow",
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
      if (form.wallBow > greatestBow(form) * (1 + 1e-9))
        return {
          dimension: "wallBow",
          message: "A wall that bows out so far would lean out past upright at its waist, or turn down at its top.",
        }
      const rise = form.crownHeight - form.shoulderHeight
      if (rise < 0) return { dimension: "crownHeight", message: "The middle of the roof cannot be lower than the top of the walls." }
      return rise <= greatestCamber(form) * (1 + 1e-9)
        ? null
        : { dimension: "crownHeight", message: "A roof that rises so far would bulge out past the walls under it." }
    }
  }
}

type Van = Extract<Form, { kind: "van" }>

/** The straight line from a van's waist to its shoulder: its length, m, and its angle from the horizontal, radians. */
function upperWall({ width, waistHeight, shoulderWidth, shoulderHeight }: Omit<Van, "crownHeight" | "wallBow">) {
  const [lean, rise] = [Math.max(0, width - shoulderWidth) / 2, shoulderHeight - waistHeight]
  return { chord: Math.hypot(lean, rise), angle: Math.atan2(rise, lean) }
}

/** The bow of an upper wall that begins no further out than upright and ends no flatter than level, m: none where it does not lean. */
export function greatestBow(van: Omit<Van, "crownHeight" | "wallBow">): number {
  const { chord, angle } = upperWall(van)
  return (chord / 2) * Math.tan(Math.min(Math.PI / 2 - angle, angle) / 2)
}

/** The rise of a round roof that leaves the walls' tops straight on, m: half its width over upright walls. */
export function greatestCamber(van: Omit<Van, "crownHeight">): number {
  const { chord, angle } = upperWall(van)
  return (van.shoulderWidth / 2) * Math.tan((angle - 2 * Math.atan((2 * van.wallBow) / chord)) / 2)
}
