import { describe, expect, test } from "@jest/globals"
import { wearing } from "../../../tests/fixtures/jobs"
import { activeState } from "../../core/enclosure/job-state"
import { weatherYear } from "../../core/climate/weather-of"
import { ledgerOf } from "../../core/ledger/ledger"
import { type DampVerdict, dampRank } from "../../core/moisture/damp-verdict"
import { sectionModel } from "../../core/section/section-model"
import { sectionVerdict } from "../../core/section/section-verdict"
import { BUILT_IN_HUMIDITY, ROUGH, sectionYears } from "../../core/section/section-years"
import type { FacePart } from "../../core/shell/face"
import type { JobKind } from "../../schema/job/job"
import { readyBuildUps } from "./ready-build-ups"
import { KITS } from "./start-job"

const PLACES = ["norrhalde", "linden-vale", "heron-delta"] as const
const PARTS: readonly FacePart[] = ["wall", "roof", "floor"]

type ReadyAssembly = ReturnType<typeof readyBuildUps>[number]["assembly"]

/** The verdict on a part of a fresh job that wears one ready build-up all over. */
function verdictOf(kind: JobKind, part: FacePart, assembly: ReadyAssembly, station: string): DampVerdict {
  const { surfaces, moisture } = ledgerOf(activeState(wearing(kind, station, assembly)))
  return moisture[surfaces.find(({ face }) => face.part === part)!.id]!.verdict
}

/** The verdict on its wall followed hour by hour, roughly, through two years. */
function yearsVerdict(kind: JobKind, assembly: ReadyAssembly, station: string): DampVerdict {
  const state = activeState(wearing(kind, station, assembly))
  const ledger = ledgerOf(state)
  const surface = ledger.surfaces.find(({ face }) => face.part === "wall")!
  const model = sectionModel(surface, ledger.moisture[surface.id]!.water, ledger, state.brief)
  const told = sectionYears(model, weatherYear(model.weather), BUILT_IN_HUMIDITY.usual, { ...ROUGH, years: 2 })
  return sectionVerdict(model, told, surface.layers.slice(-model.layers.length), "wall")
}

const mark = ({ filling, freezes, moulds, harms }: DampVerdict) =>
  `${harms ? "!" : " "}${filling}${freezes ? ", freezes" : ""}${moulds ? ", moulds" : ""}`

describe("damp of the ready build-ups", () => {
  const rows = (Object.keys(KITS) as JobKind[]).flatMap((kind) =>
    PARTS.flatMap((part) =>
      readyBuildUps(kind, part).map(({ id, assembly }) => ({
        ...{ kind, part, id, name: assembly.name },
        verdicts: PLACES.map((station) => verdictOf(kind, part, assembly, station)),
      })),
    ),
  )

  test("is told apart by place and by how they are built", () => {
    const table = rows.map(({ kind, part, name, verdicts }) => [kind, part, name, ...verdicts.map(mark)])
    const heads = ["kind", "part", "build-up", ...PLACES]
    const widths = heads.map((head, i) => Math.max(head.length, ...table.map((row) => row[i]!.length)))
    process.stdout.write(`\n${[heads, ...table].map((row) => row.map((cell, i) => cell.padEnd(widths[i]!)).join("  ")).join("\n")}\n`)
    const [cold] = PLACES.map((_, i) => rows.map(({ verdicts }) => verdicts[i]!)) as [DampVerdict[]]
    // In the cold all four fillings are there, and none speaks for more than two of three.
    const counts = new Map<string, number>()
    for (const { filling } of cold) counts.set(filling, (counts.get(filling) ?? 0) + 1)
    expect([...counts.keys()].sort()).toEqual(["dry", "gathers", "months", "weeks"])
    for (const count of counts.values()) expect(count).toBeLessThan((2 / 3) * rows.length)
  })

  test("is no worse for a heated one in a warmer place", () => {
    for (const { kind, part, name, verdicts } of rows) {
      if (kind === "cold-room" || part === "floor") continue
      const [cold, , warm] = verdicts.map(dampRank)
      expect([kind, name, warm! <= cold!]).toEqual([kind, name, true])
    }
  })

  test("through the years is told apart too: metal skins over boards stay wet in the cold, walls that dry outward stay dry", () => {
    const ways = [
      ["van", "Foam boards between the ribs"],
      ["van", "Smart membrane"],
      ["cabin", "Vapour-open timber and wool"],
      ["cold-room", "PIR between steel skins"],
      ["shed", "Stud frame, wool and a smart membrane"],
      ["post-frame", "Foam boards across the girts"],
    ] as const
    const table = ways.map(([kind, name]) => {
      const { assembly } = readyBuildUps(kind, "wall").find(({ assembly }) => assembly.name === name)!
      return [kind, name, ...PLACES.map((station) => mark(yearsVerdict(kind, assembly, station)).trim())]
    })
    process.stdout.write(`\n${table.map((row) => row.join("  ")).join("\n")}\n`)
    const cold = table.map(([, , first]) => first!)
    expect(cold.map((told) => told.startsWith("!"))).toEqual([true, true, false, false, false, true])
    // Nothing that is heated stays wet where it is hot and humid outside.
    for (const [kind, , , , warm] of table) if (kind !== "cold-room") expect([kind, warm]).toEqual([kind, "dry"])
  })
})
