import { describe, expect, test } from "@jest/globals"
import { applyEdit } from "./apply-edit"
import { setThickness } from "./assembly-edits"
import { setIndoors, setLimits, setName } from "./brief-edits"
import type { Edit } from "./edit"
import { revisionPlace, revisionWords } from "./revision-words"
import { addPart, setDimension, setFloor, setOverhang, setPart } from "./shell-edits"
import { demoJobs } from "./start/demo-jobs"

const hut = demoJobs()[2]!
const [opening] = Object.keys(hut.shell.openings) as [string]

/** What is said of an edit of the hut, and where it is seen. */
function said(edit: Edit) {
  const result = applyEdit(hut, edit)
  if (!result.ok || !result.value) throw new Error("The edit did nothing.")
  const { job, label, patches, inverse } = result.value
  const revision = { id: "", parent: "", label, patches, inverse }
  return { words: revisionWords(revision, job, (kind, value) => `<${kind} ${value}>`), place: revisionPlace(revision, job) }
}

describe("what undo says", () => {
  test("a figure of the brief, with what it was set to", () => {
    expect(said(setIndoors("winter", { relativeHumidity: 0.37 }))).toEqual({
      words: "Winter humidity inside <percent 0.37>",
      place: { station: "brief" },
    })
    expect(said(setLimits({ money: 1200 })).words).toBe("Limit on money <money 1200>")
    expect(said(setLimits({ loss: null })).words).toBe("Limit on loss: none")
  })

  test("a layer's thickness, with its stuff and its place", () => {
    const { words, place } = said(setThickness("wall", "l2", 0.123))
    expect(words).toMatch(/^Thickness <length 0.123>, [a-z]/)
    expect(place).toMatchObject({ station: "build-ups", layer: "l2" })
  })

  test("a part of the shell by its name", () => {
    const { words, place } = said(setPart("openings", opening, { height: 1.7 }))
    expect(words).toBe(`Change an opening <length 1.7>, ${hut.shell.openings[opening]!.name}`)
    expect(place).toEqual({ station: "shell", part: { list: "openings", id: opening }, face: hut.shell.openings[opening]!.face })
  })

  test("a measure of the form, and what else of the shell is no list of parts", () => {
    expect(said(setDimension("length", 4.9))).toEqual({ words: "Measure of the length <length 4.9>", place: { station: "shell" } })
    expect(said(setOverhang({ eaves: 0.45 }))).toEqual({ words: "Overhang of the roof <length 0.45>", place: { station: "shell" } })
    expect(said(addPart("spaces", "beyond", { kind: "open", name: "Lean-to" })).place).toEqual({
      station: "shell",
      part: { list: "spaces", id: "beyond" },
    })
    expect(said(setFloor("frame")).place).toEqual({ station: "shell" })
  })

  test("what is no part of the enclosure has no place on the bench", () => {
    expect(said(setName("Other hut"))).toEqual({ words: "Name Other hut", place: null })
  })
})
