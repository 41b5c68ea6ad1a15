import { describe, expect, test } from "@jest/globals"
import { demo } from "../../../tests/fixtures/jobs"
import type { Job } from "../../schema/job/job"
import { activeState } from "../enclosure/job-state"
import type { SolvedDetails } from "../enclosure/solved-details"
import type { SurfaceFigures } from "../enclosure/surface-figures"
import { type Ledger, ledgerOf } from "./ledger"

/** A job with a change of its own objects along the way, as an edit leaves it: all else is the same objects. */
const changed = (job: Job, change: Partial<Job>): Job => ({ ...job, ...change })
const hut = demo("Tern Hut")
const before = ledgerOf(activeState(hut))

/** Surfaces whose layers, transmittances or damp were not worked out again. */
const kept = (job: Job): { layers: number; combined: number; damp: number; shares: number } => {
  const after = ledgerOf(activeState(job))
  const same = (of: (surface: SurfaceFigures, ledger: Ledger) => unknown) =>
    after.surfaces.filter((surface, i) => of(surface, after) === of(before.surfaces[i]!, before)).length
  return {
    layers: same(({ layers }) => layers),
    combined: same(({ winter }) => winter),
    damp: same(({ id }, { moisture }) => moisture[id]!.winter),
    shares: same(({ layers }) => layers.find(({ members }) => members.length > 0)?.members ?? null),
  }
}
const all = { layers: 7, combined: 7, damp: 7, shares: 7 }

describe("what an edit does not touch is not worked out again", () => {
  test("another name of an opening", () => {
    const [id, opening] = Object.entries(hut.shell.openings)[0]!
    const openings = { ...hut.shell.openings, [id]: { ...opening, name: "Little window" } }
    expect(kept(changed(hut, { shell: { ...hut.shell, openings } }))).toEqual(all)
  })

  test("the words of the brief, and its limits", () => {
    expect(kept(changed(hut, { brief: { ...hut.brief, use: "let to painters" } }))).toEqual(all)
    expect(kept(changed(hut, { brief: { ...hut.brief, limits: { ...hut.brief.limits, money: 1 } } }))).toEqual(all)
  })

  test("what stands on the floor, what must fit, and how far the roof reaches", () => {
    const shell = { ...hut.shell, loads: {}, fits: {}, overhang: { eaves: 1, ends: 1 } }
    expect(kept(changed(hut, { shell }))).toEqual(all)
  })

  test("a layer of one build-up leaves the surfaces with others as they are", () => {
    const variant = hut.variants[hut.active]!
    const wall = variant.assemblies.wall!
    const layers = { ...wall.layers, l2: { ...wall.layers.l2!, thickness: 0.2 } }
    const variants = { ...hut.variants, [hut.active]: { ...variant, assemblies: { ...variant.assemblies, wall: { ...wall, layers } } } }
    const worn = Object.values(variant.wears).filter((assembly) => assembly === "wall").length
    expect(worn).toBeGreaterThan(0)
    expect(kept(changed(hut, { variants })).layers).toBe(7 - worn)
  })

  test("a larger window changes the share of members on its own face alone", () => {
    const [id, opening] = Object.entries(hut.shell.openings).find(([, { kind }]) => kind === "window")!
    const openings = { ...hut.shell.openings, [id]: { ...opening, width: opening.width + 0.1 } }
    expect(kept(changed(hut, { shell: { ...hut.shell, openings } }))).toEqual({ layers: 6, combined: 6, damp: 6, shares: 6 })
  })
})

test("figures that nobody asks for are not worked out: what it weighs looks at no edge, its loss does", () => {
  let asked = 0
  const counting = { of: () => void asked++, before: () => undefined } as unknown as SolvedDetails
  const ledger = ledgerOf(activeState(hut), counting)
  expect(ledger.weight).toBeGreaterThan(0)
  expect(ledger.clear.standing).toBeGreaterThan(0)
  expect(asked).toBe(0)
  expect(ledger.loss.total).toBeGreaterThan(0)
  expect(asked).toBeGreaterThan(12)
})
