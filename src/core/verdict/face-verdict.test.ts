import { describe, expect, test } from "@jest/globals"
import { FACE_CASES, jobOf, type TableUse } from "../../../tests/fixtures/face-cases"
import { judgedRoughly } from "../../../tests/fixtures/judged"
import { evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack } from "../../../tests/fixtures/layers"
import { activeState } from "../enclosure/job-state"
import { type JudgedSurface, ledgerOf } from "../ledger/ledger"
import { jobResults } from "../results/job-results"
import { FILLINGS } from "../moisture/damp-verdict"
import { JUDGES } from "./face-verdict"

function judged(name: string, station: string, use: TableUse): JudgedSurface {
  const one = FACE_CASES.find((known) => known.name === name)!
  const state = activeState(jobOf(one, station, use))
  const faces = one.part === "wall" ? ["left"] : ["roof-left", "roof"]
  const { id } = ledgerOf(state).surfaces.find((surface) => faces.includes(surface.id))!
  return judgedRoughly(state, jobResults(), id).moisture[id]!
}

const step = (filling: (typeof FILLINGS)[number]) => FILLINGS.indexOf(filling)

describe("one verdict", () => {
  test("a sound roof of shingle, board and closed-cell foam is not condemned by months that know no sun and no suction", () => {
    const { verdict, said, setAside, decidedBy } = judged("shingle, board, closed-cell foam", "linden-vale", "lived in")
    expect(said.months.filling).toBe("gathers")
    expect(said.years!.filling).toBe("dry")
    expect([verdict.filling, decidedBy]).toEqual(["dry", "years"])
    expect(setAside.map(({ judge }) => judge).sort()).toEqual(["months", "rule"])
  })

  test.each(["tollen-ice", "linden-vale"])(
    "hemp behind steel with no vapour layer is ruined at %s: nothing wicks through ice, no batt draws water",
    (station) => {
      const { verdict, said } = judged("steel, hemp, plywood", station, "lived in")
      expect([said.months.filling, said.years!.filling, verdict.filling]).toEqual(["gathers", "gathers", "gathers"])
      expect(verdict.harms).toBe(true)
    },
  )

  test.each([
    ["brick, polystyrene, gypsum", "mangrove-head", "cold room +3"],
    ["lime plaster, straw, clay plaster", "linden-vale", "lived in"],
  ] as const)("months call no wall dry that drinks rain: %s, %s, %s", (name, station, use) => {
    const { verdict, said } = judged(name, station, use)
    expect(said.months.filling).not.toBe("dry")
    expect(step(verdict.filling)).toBeGreaterThanOrEqual(step("weeks"))
  })

  test.each(["mangrove-head", "linden-vale"])("a factory panel gathers nothing within at %s: it leaks at its joints", (station) => {
    for (const use of ["cold room +3", "freezer −18"] as const) {
      const { said } = judged("panel: steel, polyurethane, steel", station, use)
      expect([use, said.months.filling, said.years!.filling, said.rule.filling]).toEqual([use, "dry", "dry", "dry"])
    }
  })

  test("polythene on the warm side of a tropical cold room is right, and months and years both say so", () => {
    const { verdict, said } = judged("OSB, polythene, glass wool, plywood", "mangrove-head", "cold room +3")
    expect([said.months.filling, said.years!.filling, verdict.filling]).toEqual(["dry", "dry", "dry"])
  })

  test("is never drier than any judge that is not set aside with a reason, whoever is asked", () => {
    for (const [i, { name }] of FACE_CASES.entries()) {
      const station = ["tollen-ice", "linden-vale", "mangrove-head", "callow-plain"][i % 4]!
      const use = (["lived in", "cold room +3", "freezer −18"] as const)[i % 3]!
      const { verdict, said, setAside, decidedBy, awaited } = judged(name, station, use)
      expect(awaited).toEqual([])
      for (const judge of JUDGES) {
        const aside = setAside.find((one) => one.judge === judge)
        if (aside) expect(aside.why.length).toBeGreaterThan(20)
        else if (said[judge]!.filling !== "unjudged")
          expect([name, judge, step(verdict.filling) >= step(said[judge]!.filling)]).toEqual([name, judge, true])
      }
      // What decides says the same.
      if (decidedBy) expect(said[decidedBy]!.filling).toBe(verdict.filling)
    }
  })

  test("until its years are followed it goes by the months, and says what it waits for", () => {
    const state = activeState(jobOf(FACE_CASES[0]!, "linden-vale", "lived in"))
    const { verdict, said, awaited } = ledgerOf(state).moisture.left
    expect(said.years).toBeNull()
    expect(verdict.filling).toBe("gathers")
    expect(awaited).toHaveLength(1)
  })

  test("where it is not known what a skin draws in, or whether it rains, years do not call it dry", () => {
    const job = evenBox(sketch("one", stack`clay-brick 115, eps 50, gypsum-board 12`))
    job.materials = { "own-stone": { ...structuredClone(ownStone), name: "Fen stone" } }
    const [skin] = job.variants.first!.assemblies.one!.order
    const layers = job.variants.first!.assemblies.one!.layers
    layers[skin!] = { ...layers[skin!]!, material: "own-stone" }
    const { said } = judgedRoughly(activeState(job), jobResults()).moisture.left
    expect(said.years!.filling).not.toBe("dry")
    expect(said.years!.sentence).toContain("not known")
  })
})

const ownStone = {
  ...{ name: "Fen stone", class: "stone", density: 2000, specificHeat: 900, sorption: null, compressiveStrength: null },
  conductivity: { declared: 1, at: 10, byTemperature: [[10, 1]], aged: 1, perMoisture: 0 },
  vapour: { mu: { dry: 20, wet: 10 } },
  face: { emissivity: 0.9, absorptance: 0.6 },
  fire: { reaction: "does not burn", combustible: false, needsCover: false },
  ...{ application: "built", uses: [], source: "own" },
  sold: { form: "built", thicknesses: [0.115], width: null, length: null },
  price: { amount: 1, per: "m²" },
} as unknown as NonNullable<ReturnType<typeof evenBox>["materials"][string]>
