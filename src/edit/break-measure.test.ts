import { describe, expect, test } from "@jest/globals"
import { solvedDetail } from "../core/conduction/solved-detail"
import { type RankedBridge, rankedBridges } from "../core/ledger/bridge-ranking"
import { breakPlaces, breakStuffs, type BreakMeasure, breakMeasuresFor, isMended, layerBreak, rimBreak } from "../core/trials/thermal-break"
import { ledgerOf } from "../core/ledger/ledger"
import { type Place, place } from "../core/enclosure/place"
import { task } from "../core/results/calculation"
import { DETAIL } from "../core/results/detail-result"
import { jobResults } from "../core/results/job-results"
import { activeState } from "../core/enclosure/job-state"
import { CATALOGUE } from "../core/material/catalogue"
import type { Job } from "../schema/job/job"
import { setLayer } from "./assembly-edits"
import { addBreakMeasure, tryBreakMeasure } from "./break-measure"
import { applyEdit } from "./apply-edit"
import type { Edit } from "./edit"
import { setFrame, addPart, removePart } from "./shell-edits"
import { demoJobs } from "./start/demo-jobs"

const demo = (name: string): Job => demoJobs().find((job) => job.name === name)!

function edited(job: Job, edit: Edit): Job {
  const done = applyEdit(job, edit)
  if (!done.ok || !done.value) throw new Error(done.ok ? "nothing changed" : done.error.message)
  return done.value.job
}

/** A bridge of a job, alone of all solved. */
function bridgeOf(job: Job, at: Place): RankedBridge {
  const details = jobResults()
  const find = () => rankedBridges(ledgerOf(activeState(job), details)).find((bridge) => bridge.place === at)!
  const { detail } = find()
  if (detail) details.results.add(task(DETAIL, detail), solvedDetail(detail))
  return find()
}

describe("where a break can be set", () => {
  const places = (job: Job, at: Place) => {
    const state = activeState(job)
    return breakPlaces(
      rankedBridges(ledgerOf(state)).find((bridge) => bridge.place === at)!,
      state,
    )
  }

  test("in an edge on either side of it, under the lining; once where both faces wear the same", () => {
    const larkspur = demo("Larkspur")
    const { wall, floor } = activeState(larkspur).variant.assemblies
    expect(places(larkspur, place.edge(["right", "floor"]))).toEqual([
      { kind: "layer", assembly: "wall", at: wall!.order.length - 1 },
      { kind: "layer", assembly: "floor", at: floor!.order.length - 1 },
    ])
    expect(places(demo("Cold Nettle"), place.edge(["left", "front"]))).toHaveLength(1)
  })

  test("on a slab that is there already above it, not beneath", () => {
    const barn = demo("Eel Barn")
    const { order } = activeState(barn).variant.assemblies.floor!
    const [, onFloor, rim] = places(barn, place.edge(["right", "floor"]))
    expect(onFloor).toEqual({ kind: "layer", assembly: "floor", at: order.length })
    expect(rim).toEqual({ kind: "rim", assembly: "floor" })
  })

  test("of a stuff that the job brings along too", () => {
    const job = { ...demo("Larkspur"), materials: { "fen-felt": CATALOGUE.xps! } }
    expect(breakStuffs(activeState(job))).toContain("fen-felt")
  })
})

describe("measures", () => {
  test("are layers by their price on all faces that wear them, by hand", () => {
    const state = activeState(demo("Larkspur"))
    const ledger = ledgerOf(state)
    const rib = rankedBridges(ledger).find(({ set }) => set)!
    const measures = breakMeasuresFor(rib, state, ledger) as (BreakMeasure & { kind: "layer" })[]
    expect(measures.map(({ money }) => money)).toEqual(measures.map(({ money }) => money).sort((a, b) => a - b))
    const [inside] = breakPlaces(rib, state)
    if (inside?.kind !== "layer") throw new Error("a rib takes a layer")
    const worn = ledger.surfaces.filter(({ assembly }) => assembly === inside.assembly)
    const area = worn.reduce((sum, { netArea }) => sum + netArea, 0)
    const { price } = CATALOGUE.xps!
    expect(price.per).toBe("m³")
    expect(layerBreak(inside, "xps", 0.02, state, ledger)).toMatchObject({
      kind: "layer",
      material: "xps",
      thickness: 0.02,
      money: expect.closeTo(area * 0.02 * price.amount, 6) as unknown,
    })
  })

  test("part a steel frame and a beam in a variant of their own, and leave the first as it is", () => {
    const barn = demo("Eel Barn")
    const door = Object.keys(barn.shell.openings)[0]!
    const steel = { material: "steel-galvanised", width: 0.04, sheet: 0.0015 }
    const beam = { face: "left", x: 2, y: 2, count: 1, material: "steel-painted", shape: "square", width: 0.08, wall: 0.004 } as const
    const framed = edited(
      edited(barn, setFrame(door, steel, 0)),
      addPart("penetrations", "beam", { name: "Beam", outdoors: 0.5, indoors: 0.5, ...beam }),
    )
    for (const [at, list, id] of [
      [place.jamb(door), "openings", door],
      [place.point("beam"), "penetrations", "beam"],
    ] as const) {
      const before = bridgeOf(framed, at)
      const tried = edited(framed, tryBreakMeasure({ kind: "strip", list, id, thickness: 0.03 }, "v-tried", "l-tried"))
      expect(tried.active).toBe("v-tried")
      expect(tried.variants[framed.active]!.breaks[list]).toEqual({})
      const after = bridgeOf(tried, at)
      expect(after.transmittance).toBeLessThan(before.transmittance)
      expect(after.surface!.temperature).toBeGreaterThan(before.surface!.temperature)
      // Back in the first variant the bridge is what it was.
      expect(bridgeOf({ ...tried, active: framed.active }, at).transmittance).toBe(before.transmittance)
    }
    // What is taken away takes its breaks along, in every variant.
    const parted = edited(
      framed,
      tryBreakMeasure({ kind: "strip", list: "penetrations", id: "beam", thickness: 0.03 }, "v-tried", "l-tried"),
    )
    expect(edited(parted, removePart("penetrations", "beam")).variants["v-tried"]!.breaks.penetrations).toEqual({})
  })

  test("lie along a slab's edge by their price all round, warm it in a variant of their own, and are looked for where it is wet", () => {
    const barn = demo("Eel Barn")
    const state = activeState(barn)
    const before = bridgeOf(barn, place.edge(["right", "floor"]))
    const rim = rimBreak({ kind: "rim", assembly: "floor" }, { kind: "vertical", reach: 0.6, thickness: 0.05, material: "xps" }, state)
    // 12 m by 9 m: 42 m of edge, 0.6 m deep, 50 mm thick.
    expect(rim).toMatchObject({ money: expect.closeTo(42 * 0.6 * 0.05 * CATALOGUE.xps!.price.amount, 6) as unknown })
    const tried = edited(barn, tryBreakMeasure(rim, "v-tried", "l-tried"))
    expect(activeState({ ...tried, active: barn.active }).variant.assemblies.floor!.edge).toBeNull()
    const after = bridgeOf(tried, place.edge(["right", "floor"]))
    expect(after.surface!.temperature).toBeGreaterThan(before.surface!.temperature + 1)
    // What it saves counts with the floor.
    expect(after.transmittance).toBeCloseTo(before.transmittance, 9)
    const wet: RankedBridge = { ...before, surface: { ...before.surface!, wet: "sweats" } }
    const kinds = (bridge: RankedBridge, job: Job) => {
      const measures = breakMeasuresFor(bridge, activeState(job), ledgerOf(activeState(job)))
      return new Set(measures.map((measure) => (measure.kind === "rim" ? measure.edge.kind : measure.kind)))
    }
    expect(kinds(before, barn)).toEqual(new Set(["layer"]))
    // Under the barn's slab, which is there already, nothing is laid.
    expect(kinds(wet, barn)).toEqual(new Set(["layer", "vertical"]))
    const unpoured = edited(barn, setLayer("floor", activeState(barn).variant.assemblies.floor!.order[0]!, { existing: false }))
    expect(kinds(wet, unpoured)).toEqual(new Set(["layer", "vertical", "horizontal"]))
  })

  test("keep a wet bridge dry, and halve a dry one", () => {
    const rib = bridgeOf(demo("Larkspur"), rankedBridges(ledgerOf(activeState(demo("Larkspur")))).find(({ set }) => set)!.place)
    expect(rib.surface!.wet).toBe("frost")
    const dry = { ...rib, surface: { ...rib.surface!, wet: null } }
    expect(isMended(rib, { ...rib, watts: rib.watts / 4 })).toBe(false)
    expect(isMended(rib, dry)).toBe(true)
    expect(isMended(dry, { ...dry, watts: dry.watts * 0.51 })).toBe(false)
    expect(isMended(dry, { ...dry, watts: dry.watts * 0.49 })).toBe(true)
  })

  test("of an edge are layers that change it", () => {
    const larkspur = demo("Larkspur")
    const before = bridgeOf(larkspur, place.edge(["right", "floor"]))
    const state = activeState(larkspur)
    const [inside] = breakPlaces(before, state)
    if (inside?.kind !== "layer") throw new Error("an edge takes a layer")
    const after = bridgeOf(
      edited(larkspur, addBreakMeasure(layerBreak(inside, "xps", 0.03, state, ledgerOf(state)), "l-tried")),
      place.edge(["right", "floor"]),
    )
    expect(after.surface!.temperature).toBeGreaterThan(before.surface!.temperature)
  })
})
