import { describe, expect, test } from "@jest/globals"
import { cornerDetail } from "../conduction/corner-detail"
import { solvedDetail } from "../conduction/solved-detail"
import { DETAIL } from "./detail-result"
import { type DetailPicture, PICTURE } from "./picture-result"
import { run } from "./run"

/** A square corner of walls of one stuff, 200 mm of 0.1 W/(m·K). */
const wall = { thicknesses: [0.2], conductivities: [0.1], height: 0.2 }
const corner = cornerDetail(wall, wall, { inside: 0.13, outside: 0.04, direction: "horizontal" })

describe("what is worked out beside the work", () => {
  test("is what it would be here and now, and says how far it is", () => {
    const cells: number[] = []
    expect(run(DETAIL.kind, corner, (count) => cells.push(count))).toEqual(solvedDetail(corner))
    expect(cells.length).toBeGreaterThan(0)
    expect(cells).toEqual([...cells].sort((a, b) => a - b))
  })

  test("a picture brings the same figures along", () => {
    const { figures, picture } = run(PICTURE.kind, corner) as DetailPicture
    expect(figures).toEqual(solvedDetail(corner))
    expect(picture).toBeDefined()
  })
})
