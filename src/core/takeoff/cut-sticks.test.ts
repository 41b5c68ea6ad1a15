import { expect, test } from "@jest/globals"
import { demo, evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack, timber } from "../../../tests/fixtures/layers"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { cutSticks, withLongJoined } from "./cut-sticks"

const millimetres = (lengths: readonly number[]) => lengths.map((length) => Math.round(length * 1000)).sort((a, b) => b - a)

test("studs of a wall of 4 by 2.5 m with a window, by hand", () => {
  const studs = timber("Studs", 0.045, 0.6)
  const job = evenBox(sketch("one", stack`osb 12, glass-wool 90 between ${studs}`))
  const [opening] = Object.values(demo("Tern Hut").shell.openings)
  job.shell.openings = { window: { ...opening!, face: "left", x: 1, y: 0.9, width: 0.7, height: 1 } }
  const wall = ledgerOf(activeState(job)).surfaces.find(({ id }) => id === "left")!
  const sticks = cutSticks(job.shell, wall, studs)
  // Five studs, two beside the window and two ends between the plates; one is parted by sill and header; two plates of 4 m.
  const whole = new Array<number>(9).fill(2410)
  expect(millimetres(sticks.map(({ length }) => length))).toEqual([4000, 4000, ...whole, 810, 790, 790, 510])
  expect(sticks.every(({ ends }) => Math.max(...ends) < 1e-6)).toBe(true)
  expect(sticks.filter(({ at }) => at !== null && Math.abs(at - 1.2) < 1e-9)).toHaveLength(2)
})

test("blocks between tubes in one layer are cut where they meet them, by hand", () => {
  const tubes = { ...timber("Tubes", 0.04, 1), plates: { low: 0 as const, high: 0 as const }, ends: false }
  const blocks = { ...tubes, name: "Blocks", direction: "along" as const, spacing: 1.25 }
  const job = evenBox(sketch("one", stack`osb 12, glass-wool 90 between ${tubes}`))
  const wall = ledgerOf(activeState(job)).surfaces.find(({ id }) => id === "left")!
  // Tubes at 1, 2 and 3 m of 4: four bays of 980 and 960 mm, one row at half of 2.5 m.
  expect(millimetres(cutSticks(job.shell, wall, blocks, [tubes]).map(({ length }) => length))).toEqual([980, 980, 960, 960])
  expect(millimetres(cutSticks(job.shell, wall, blocks).map(({ length }) => length))).toEqual([4000])
})

test("a plate longer than a bar is joined over a stud, another stick in equal parts", () => {
  const stick = { at: null, ends: [0, 0] as const }
  const studs = [0.6, 1.2, 1.8, 2.4, 3, 3.6].map((at) => ({ ...stick, role: "member" as const, at, length: 2.4 }))
  const joined = withLongJoined([...studs, { ...stick, role: "plate", length: 4 }, { ...stick, role: "end", length: 3.2 }], 2.5)
  expect(millimetres(joined.slice(6).map(({ length }) => length))).toEqual([2400, 1600, 1600, 1600])
  expect(joined.map((one) => one.joined)).toEqual([...studs.map(() => false), true, true, true, true])
})

test("studs of a gable end at the angle of its roof, and are as long as their longer edge", () => {
  const job = demo("Tern Hut")
  const state = activeState(job)
  const wall = ledgerOf(state).surfaces.find(({ face: { part, outline } }) => part === "wall" && outline.length === 5)!
  const { face, layers } = wall
  const { id } = layers.flatMap(({ members }) => members)[0]!
  const set = Object.values(state.variant.assemblies)
    .flatMap(({ members }) => Object.entries(members))
    .find(([key]) => key === id)![1]
  const [, , eave, ridge] = face.outline
  const pitch = (Math.atan2(ridge![1] - eave![1], Math.abs(ridge![0] - eave![0])) * 180) / Math.PI
  const bevelled = cutSticks(job.shell, wall, set).filter(({ role, ends }) => role === "member" && ends[1] > 0)
  expect(bevelled.length).toBeGreaterThan(2)
  for (const { ends } of bevelled) expect(ends[1]).toBeCloseTo(pitch, 6)
})
