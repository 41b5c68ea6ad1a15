import { describe, expect, test } from "@jest/globals"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch } from "../../../tests/fixtures/layers"
import type { Space } from "../../schema/job/shell"
import { enclosureOf } from "./enclosure"
import { pathLoss } from "./heat-path"
import { activeState } from "./job-state"
import { place } from "./place"
import { UNSOLVED } from "./solved-details"

/** An even box whose left wall stands against a store held at 10 °C. */
function beside() {
  const job = evenBox(sketch("one", [["xps", 0.1]]))
  const air = { temperature: 10, relativeHumidity: 0.5 }
  const store: Space = { name: "Store", kind: "held", winter: air, summer: air }
  const { surfaces } = enclosureOf(
    activeState({ ...job, shell: { ...job.shell, spaces: { store }, against: { left: "store" } } }),
    UNSOLVED,
  )
  return { left: surfaces.find(({ id }) => id === "left")!, front: surfaces.find(({ id }) => id === "front")! }
}

describe("what passes heat beside the faces, by hand", () => {
  const { left, front } = beside()
  const path = (face: typeof left, other: typeof left) => ({
    place: place.edge(["left", "front"]),
    name: "edge",
    face,
    other,
    conductance: 2,
  })

  test("between outdoors and a store of 10 °C half goes with each: 2 W/K · (20 − (10 + 0)/2) K = 30 W", () =>
    expect(pathLoss(path(left, front), "winter", 20, 0)).toBeCloseTo(30, 9))
  test("against one air all goes with it: 2 · 20 outdoors, 2 · 10 to the store", () => {
    expect(pathLoss(path(front, front), "winter", 20, 0)).toBeCloseTo(40, 9)
    expect(pathLoss(path(left, left), "winter", 20, 0)).toBeCloseTo(20, 9)
  })
  test("turns round where it is warmer beyond", () => expect(pathLoss(path(left, left), "summer", 4, 30)).toBeCloseTo(-12, 9))
})
