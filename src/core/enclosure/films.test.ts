import { describe, expect, test } from "@jest/globals"
import type { Adjacent } from "./adjacent"
import { farFilm, filmsOf } from "./films"

const outdoors: Adjacent = { kind: "outdoors", sun: true }
const shed: Adjacent = { kind: "space", id: "shed", space: { name: "Shed", kind: "open" } }

describe("films on the far side of a surface", () => {
  // ISO 6946:2017, table 7: 0.13 level, 0.10 up, 0.17 down indoors, 0.04 outdoors; 17 W/(m²·K) on a hot afternoon of light wind.
  test.each([
    { adjacent: outdoors, direction: "horizontal", season: "winter", film: 0.04 },
    { adjacent: outdoors, direction: "up", season: "winter", film: 0.04 },
    { adjacent: outdoors, direction: "down", season: "summer", film: 1 / 17 },
    { adjacent: shed, direction: "horizontal", season: "winter", film: 0.13 },
    { adjacent: shed, direction: "up", season: "summer", film: 0.1 },
    { adjacent: shed, direction: "down", season: "summer", film: 0.17 },
  ] as const)("$adjacent.kind, $direction, $season: $film", ({ adjacent, direction, season, film }) =>
    expect(farFilm(adjacent, direction, season)).toBe(film),
  )

  test("behind a well ventilated cladding the film is one of still air (ISO 6946, 6.9.4), part of the way behind a slightly vented one", () => {
    const [closed, half, open] = [1, 0.5, 0].map((share) => filmsOf(outdoors, share, "horizontal"))
    expect([closed!.inside, closed!.outside]).toEqual([0.13, 0.04])
    expect(open!.outside).toBe(0.13)
    expect(half!.outside).toBeGreaterThan(closed!.outside)
    expect(half!.outside).toBeLessThan(open!.outside)
  })
})
