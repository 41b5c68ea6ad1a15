import fc from "fast-check"
import type { Point } from "../../src/core/shell/face"
import type { Boarding, BoardLayer, Stuff } from "../../src/core/takeoff/boarding"

const rectangle = (x: number, y: number, width: number, height: number): Point[] => [
  [x, y],
  [x + width, y],
  [x + width, y + height],
  [x, y + height],
]

/** Numbers of whole millimetres, as a tape shows them. */
const between = (least: number, most: number) =>
  fc.integer({ min: Math.round(least * 1000), max: Math.round(most * 1000) }).map((mm) => mm / 1000)

const outline = fc
  .record({ width: between(0.5, 8), eave: between(0.3, 3), rise: fc.oneof(fc.constant(0), between(0.1, 2)), lean: between(0.05, 0.95) })
  .map(({ width, eave, rise, lean }): Point[] => {
    const [a, b, c, d] = rectangle(0, 0, width, eave) as [Point, Point, Point, Point]
    return rise === 0 ? [a, b, c, d] : [a, b, c, [width * lean, eave + rise], d]
  })

const hole = fc
  .record({ x: between(-0.2, 6), y: between(-0.2, 3), width: between(0.05, 1.5), height: between(0.05, 2) })
  .map(({ x, y, width, height }) => rectangle(x, y, width, height))

const size = fc.record({
  length: between(0.6, 3.1),
  width: between(0.3, 1.5),
  price: between(0, 50),
  count: fc.constantFrom(null, null, 500),
})

const stuff: fc.Arbitrary<Omit<Stuff, "key">> = fc.record({
  material: fc.constant("any"),
  name: fc.constant("any"),
  thickness: fc.constant(0.05),
  soft: fc.boolean(),
  sizes: fc.array(size, { minLength: 1, maxLength: 2 }),
  offcuts: fc.array(fc.record({ length: between(0.3, 1.5), width: between(0.2, 0.8) }), { maxLength: 2 }),
  kerf: fc.constantFrom(0, 0.003, 0.005),
  edgeToEdge: fc.boolean(),
})

/** What is said of a layer, whatever face it lies on. */
const layer = fc.record({
  course: fc.constantFrom("up", "beside", null),
  gap: fc.constantFrom(0, 0, 0.003, 0.01),
  apart: fc.constantFrom(0, 0.1, 0.2, 0.3),
  narrowest: fc.constantFrom(0, 0.1, 0.2),
  grain: fc.boolean(),
  on: fc.option(fc.record({ axis: fc.constantFrom("x", "y"), first: between(0.1, 0.6), spacing: fc.constantFrom(0.3, 0.4, 0.6) }), {
    freq: 1,
  }),
  locked: fc.array(fc.record({ course: fc.constantFrom(null, 0, 1), at: between(0.2, 4) }), { maxLength: 2 }),
})

/** One or two layers of boards on a face, out of sheets of one or two stuffs. */
export const anyBoards: fc.Arbitrary<Boarding> = fc
  .record({
    outline,
    holes: fc.array(hole, { maxLength: 3 }),
    stuffs: fc.tuple(stuff, stuff),
    layers: fc.array(fc.record({ said: layer, of: fc.constantFrom("one", "one", "other") }), { minLength: 1, maxLength: 2 }),
  })
  .map(({ outline: face, holes, stuffs: [one, other], layers }): Boarding => {
    const used = layers.map(({ of }) => of)
    const laid = layers.map(({ said: { on, ...said }, of }, i): BoardLayer => {
      const members = on && Array.from({ length: 30 }, (_, at) => on.first + at * on.spacing)
      return {
        ...{ face: "left", faceName: "Left wall", assembly: "wall", layer: `l${i}`, stuff: of, outline: face, holes, members: [] },
        ...said,
        nth: used.slice(0, i).filter((before) => before === of).length,
        on: { x: on?.axis === "x" ? members : null, y: on?.axis === "y" ? members : null },
      }
    })
    const stuffs = [
      { ...one, key: "one" },
      { ...other, key: "other" },
    ].filter(({ key }) => used.includes(key as "one" | "other"))
    return { stuffs, faces: [laid] }
  })
