"use client"
import { inSentence } from "../../../core/in-sentence"
import { useMemo, useState } from "react"
import { activeState } from "../../../core/enclosure/job-state"
import { surfaceAt } from "../../../core/enclosure/surface"
import { sum } from "../../../core/numeric/sum"
import { faceName } from "../../../core/shell/face-name"
import { framingOn } from "../../../core/shell/framing"
import { holeFit } from "../../../core/shell/hole-fit"
import { wholeNumber } from "../../../core/quantity/number"
import { polygonCentre } from "../../../core/shell/polygon"
import { roundedSize } from "../../../edit/start/rounded-size"
import type { Penetration } from "../../../schema/job/shell"
import { BridgeDetail } from "../../bridge/bridge-detail"
import { useBridges } from "../../bridge/use-bridges"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { materialChoices, useMaterials } from "../../materials/use-materials"
import { Button } from "../../primitives/button"
import { choicesOf, SelectField } from "../../primitives/fields"
import { faceChoices } from "../../fields/face-choices"
import { fieldsOf } from "../../fields/fields-of"
import { Remark } from "../../primitives/remark"
import { useChosenFace } from "../use-figures"
import { BreakField } from "./break-field"
import { PartList } from "./part-list"
import { useParts } from "./use-parts"
import { useWriting } from "../../writing/writing"

type Kind = "beam" | "pipe" | "cable" | "flue" | "duct" | "bolt" | "base"

/** What runs through a face, as one first says it. */
const KINDS: Record<Kind, { name: string; first: Omit<Penetration, "name" | "face" | "x" | "y"> }> = {
  beam: { name: "beam", first: { ...bar("steel-painted", "square", 0.08, 0.004), outdoors: 0.5, indoors: 0.5 } },
  pipe: { name: "pipe", first: { ...bar("copper", "round", 0.022, 0.001), outdoors: 0.3, indoors: 0.3 } },
  cable: { name: "cable", first: { ...bar("copper", "round", 0.008, null), outdoors: 1, indoors: 1 } },
  flue: { name: "flue", first: { ...bar("stainless-steel", "round", 0.15, 0.001), outdoors: 1, indoors: 1 } },
  duct: {
    name: "air or exhaust pipe of a heater",
    first: { ...bar("stainless-steel", "round", 0.06, 0.001), outdoors: 0.2, indoors: 0.2 },
  },
  bolt: { name: "bolt or screw", first: { ...bar("steel-galvanised", "round", 0.008, null), count: 10 } },
  base: { name: "base of a post", first: { ...bar("steel-galvanised", "square", 0.1, 0.005), indoors: 0.2 } },
}

function bar(material: string, shape: Penetration["shape"], width: number, wall: number | null) {
  return { material, shape, width, wall, count: 1, outdoors: 0, indoors: 0 }
}

const SHAPES: Record<Penetration["shape"], string> = { round: "round", square: "square" }

/** Beams, pipes, cables and fixings of all faces; a new one goes through the chosen face. */
export function Penetrations() {
  const { brief, shell, units } = useJob()
  const figures = useChosenFace()
  const [kind, setKind] = useState<Kind>("beam")
  const first = (): Penetration => {
    const { name, first: one } = KINDS[kind]
    const [x, y] = polygonCentre(figures.face.outline)
    const sized = roundedSize({ ...one, x: Math.max(0, x), y: Math.max(0, y) }, units)
    return { ...sized, count: one.count, name: name.charAt(0).toUpperCase() + name.slice(1), face: figures.face.id }
  }
  const names = Object.fromEntries(Object.entries(KINDS).map(([value, { name }]) => [value, name])) as Record<Kind, string>
  return (
    <PartList
      list="penetrations"
      title="Beams, pipes, bolts"
      ask={<SelectField label="A new" value={kind} options={choicesOf(names)} onChange={setKind} />}
      addName={`Through the ${inSentence(figures.name)}`}
      first={first}
      words={({ face, count }) => `${inSentence(faceName(face, brief.kind, shell.form.kind))}${count > 1 ? ` · ${count} of them` : ""}`}
      face={({ face }) => face}
      note={(none) => (
        <>
          {none
            ? "Nothing yet. A beam that runs outdoors, a pipe, a cable, bolts through the foam: each carries heat past the insulation."
            : "Each must be sealed to every tight layer that it passes. Screws all over a layer are said at the layer."}
          <div className="pt-2">
            <Remark kind="caution">{CAUTION}</Remark>
          </div>
        </>
      )}
    >
      {(part, id) => <PenetrationFields id={id} part={part} />}
    </PartList>
  )
}

/** What of it can hurt people. */
const CAUTION =
  "A flue needs its maker’s clearances to all that burns; gas, mains cables and whatever carries load are work for a licensed trade. Your local code decides."

function PenetrationFields({ id, part }: { id: string; part: Penetration }) {
  const job = useJob()
  const materials = useMaterials()
  const { change } = useParts("penetrations")
  const fields = fieldsOf(part, (next) => change(id, next))
  return (
    <>
      {fields.choice("face", "Through", faceChoices(job))}
      {fields.number("count", "How many alike", wholeNumber)}
      {fields.choice("material", "Made of", materialChoices(materials, ["metal", "wood", "board", "covering", "stone"]))}
      {fields.choice("shape", "Section", SHAPES)}
      {fields.length("width", part.shape === "round" ? "Diameter" : "Width")}
      {fields.maybe("wall", "length", "Its wall, if hollow", "solid")}
      {fields.length("outdoors", "Stands out outdoors")}
      {fields.length("indoors", "Stands out indoors")}
      <BreakField list="penetrations" id={id} label="Plastic set into its run" />
      {fields.length("x", "Middle, from the left")}
      {fields.length("y", "Middle, from the lower edge")}
      {part.count === 1 ? <Way part={part} move={(place) => change(id, place)} /> : null}
      <Point id={id} />
    </>
  )
}

/** Thinner than this is screwed into a member on purpose, m. */
const BORED = 0.02

/** What its hole runs through, and where it would meet no member and no opening. */
function Way({ part, move }: { part: Penetration; move: (place: { x: number; y: number }) => unknown }) {
  const { shell } = useJob()
  const { assemblies } = activeState(useJob()).variant
  const { length } = useWriting()
  const { surfaces } = useLedger()
  const surface = surfaceAt(surfaces, part.face, [part.x, part.y])
  const fit = useMemo(() => {
    const standing = Object.values(assemblies[surface.assembly]!.members).map((set) => ({
      name: set.name,
      layout: framingOn(shell, surface, set),
    }))
    return holeFit(surface.face, standing, Object.values(shell.openings), part)
  }, [assemblies, part, shell, surface])
  const deep = `Its hole runs through ${length(sum(surface.layers.map(({ layer }) => layer.thickness)))} of layers`
  if (fit.meets.length === 0) return <p className="col-span-3">{deep} and meets no member.</p>
  const met = fit.meets.map(inSentence).join(" and ")
  if (part.width < BORED) return <p className="col-span-3">{`${deep} and meets ${met}.`}</p>
  const { free } = fit
  return (
    <p className="col-span-3" data-testid="way">
      {deep} and meets {met}, which should not be cut unless an engineer or the maker says so.{" "}
      {free ? (
        <Button look="link" onClick={() => move(free)}>
          Move it {away(part, free, length)}, where nothing is in its way
        </Button>
      ) : (
        "Near it there is no place for so wide a hole."
      )}
    </p>
  )
}

/** Which way and how far, as one who stands inside sees it. */
function away(from: { x: number; y: number }, to: { x: number; y: number }, length: (value: number) => string): string {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const parts = [
    ...(Math.abs(dx) > 1e-9 ? [`${length(Math.abs(dx))} to the ${dx > 0 ? "right" : "left"}`] : []),
    ...(Math.abs(dy) > 1e-9 ? [`${length(Math.abs(dy))} ${dy > 0 ? "up" : "down"}`] : []),
  ]
  return parts.join(" and ")
}

function Point({ id }: { id: string }) {
  const bridge = useBridges().find(({ point }) => point?.id === id)
  return bridge ? (
    <div className="col-span-3">
      <BridgeDetail bridge={bridge} action="See it" testId="point" />
    </div>
  ) : null
}
