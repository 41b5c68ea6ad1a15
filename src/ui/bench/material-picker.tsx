"use client"
import { type KeyboardEvent, useDeferredValue, useId, useState } from "react"
import { v4 as newId } from "uuid"
import { CATALOGUE, type Materials, materialsSold } from "../../core/material/catalogue"
import { type Candidate, findMaterials, nearestMaterials, parseWanted } from "../../core/material/search"
import { addLayer, bringing, dropMaterial, replaceLayer, setMaterial } from "../../edit/assembly-edits"
import { useJob, useJobStore } from "../job/job-store"
import type { Style } from "../../core/quantity/measure"
import type { Job, OwnMaterials } from "../../schema/job/job"
import { KEPT_VERSION, MATERIAL_FORMAT } from "../../schema/kept"
import type { Material } from "../../schema/material"
import type { Fault } from "../../schema/outcome"
import { useKept } from "../library/use-kept"
import { remember, usedLast } from "../materials/used-last"
import { type Group, roleAt, suitingGroups } from "../../core/material/suiting"
import { Compare } from "../materials/compare"
import { Found } from "../materials/found"
import { OwnMaterial } from "../materials/own-material"
import { Button } from "../primitives/button"
import { Dialog } from "../primitives/dialog"
import { Refusal } from "../primitives/refusal"
import { useWriting } from "../writing/writing"
import type { Picking } from "./use-dialogs"

const EXAMPLES = {
  metric: "wool · RSI 0.9, under 30 mm · vapour-open, needs no cover · foam, bears 200 kPa",
  "inch-pound": 'wool · R-5, under 1" · vapor-open, needs no cover · foam, bears 30 psi',
}

/** The catalogue, searched by name and by property, to add a layer from or to replace one with. */
export function MaterialPicker({ picking, onClose }: { picking: Picking; onClose: () => void }) {
  const job = useJob()
  const store = useJobStore()
  const [text, setText] = useState("")
  const [beside, setBeside] = useState<readonly Candidate[]>([])
  const [writing, setWriting] = useState<Writing | null>(null)
  const [refusal, setRefusal] = useState<string | null>(null)
  const style = useWriting()
  const { units } = style
  const kept = useKept()
  const shelf = Object.fromEntries(kept.materials.map(({ id, document }) => [id, document.material]))
  const own: OwnMaterials = { ...shelf, ...job.materials }
  const materials = materialsSold(own, units)
  const old = picking.kind === "replace" ? job.variants[job.active]!.assemblies[picking.assembly]!.layers[picking.layer] : undefined
  const search = (asked: string) => findMaterials(materials, parseWanted(asked, style), old?.thickness)
  const asked = useDeferredValue(text)
  const found = search(asked)
  const groups = groupsOf(found, asked, picking, job, materials, style)
  // A record of one's own begins from what was looked for, else from what lies there.
  const like = (text.trim() === "" ? materials[old?.material ?? "xps"] : found[0]?.material) ?? CATALOGUE.xps!
  const take = ({ id: material, thickness }: Candidate) => {
    remember(material)
    const along = own[material] ? { [material]: own[material] } : {}
    if (picking.kind === "replace") store.edit(bringing(along, replaceLayer(picking.assembly, picking.layer, material, thickness)))
    else {
      const id = `l-${newId().slice(0, 8)}`
      store.edit(bringing(along, addLayer(picking.assembly, id, material, picking.at, thickness)))
      store.choose({ layer: id })
    }
    onClose()
  }
  const write = async (id: string, material: Material): Promise<Fault | null> => {
    const fault =
      store.edit(setMaterial(id, material)) ?? (await kept.keep(id, { format: MATERIAL_FORMAT, version: KEPT_VERSION, material }))
    if (fault) return fault
    setText(material.name)
    setWriting(null)
    return null
  }
  const drop = async (id: string) => {
    const fault = (job.materials[id] ? store.edit(dropMaterial(id)) : null) ?? (shelf[id] ? await kept.remove(id, true) : null)
    setRefusal(fault?.message ?? null)
  }
  if (writing)
    return (
      <Dialog open onClose={onClose} place="wide" title="A material of your own">
        <OwnMaterial
          start={writing.material}
          materials={materials}
          onKeep={(material) => write(writing.id, material)}
          onBack={() => setWriting(null)}
        />
      </Dialog>
    )
  const takeFirst = () => {
    const [first] = search(text)
    if (text.trim() !== "" && first) take(first)
  }
  const compare = (candidate: Candidate, on: boolean) =>
    setBeside((known) => (on ? [...known, candidate] : known.filter(({ id }) => id !== candidate.id)))
  return (
    <Dialog open onClose={onClose} place="wide" title={picking.kind === "add" ? "Add a layer" : "Replace the layer"}>
      <div className="grid gap-3">
        <Search text={text} onText={setText} onFirst={takeFirst} />
        {beside.length > 0 ? (
          <Compare layers={beside} onTake={take} onAway={(id) => setBeside(beside.filter((one) => one.id !== id))} />
        ) : null}
        <p role="status" className="text-dense text-graphite">
          {found.length === 0
            ? `Nothing in the catalogue is all of that: leave out a word or widen a bound.${groups.length > 0 ? " The nearest by name:" : ""}`
            : `${found.length} of ${Object.keys(materials).length} materials, each at a thickness that it is sold in`}
        </p>
        <Found
          groups={groups}
          beside={beside}
          own={own}
          onTake={take}
          onCompare={compare}
          onWrite={(id) => setWriting({ id, material: own[id]! })}
          onDrop={(id) => void drop(id)}
        />
        <Refusal>{refusal}</Refusal>
        <p>
          <Button onClick={() => setWriting({ id: `own-${newId().slice(0, 8)}`, material: begun(like) })}>
            Write down one of your own
          </Button>
        </p>
      </div>
    </Dialog>
  )
}

/** What was found as it is listed: by what suits the place while nothing is asked, and what is nearest by name where nothing is all of it. */
function groupsOf(
  found: readonly Candidate[],
  asked: string,
  picking: Picking,
  { variants, active }: Job,
  materials: Materials,
  style: Style,
): Group[] {
  const { assemblies } = variants[active]!
  if (found.length === 0) {
    const nearest = nearestMaterials(materials, parseWanted(asked, style))
    return nearest.length > 0 ? [{ title: "", found: nearest }] : []
  }
  if (asked.trim() !== "") return [{ title: "", found }]
  const role = roleAt(assemblies[picking.assembly]!, picking.kind === "replace" ? picking.layer : picking.at, materials)
  const inJob = new Set(Object.values(assemblies).flatMap(({ layers }) => Object.values(layers).map(({ material }) => material)))
  return suitingGroups(found, role, inJob, usedLast())
}

/** One line to ask in: Enter takes the first, the arrow goes into the list. */
function Search({ text, onText, onFirst }: { text: string; onText: (text: string) => void; onFirst: () => void }) {
  const { units } = useJob()
  const id = useId()
  const onKey = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "Enter") onFirst()
    if (event.key !== "ArrowDown") return
    event.preventDefault()
    event.currentTarget.closest("[role=dialog]")?.querySelector<HTMLElement>("[data-take]")?.focus()
  }
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-dense text-graphite">
        A name, a kind, or what it must do
      </label>
      <input
        id={id}
        type="search"
        autoFocus
        autoComplete="off"
        value={text}
        placeholder={EXAMPLES[units]}
        className="h-9 w-full rounded-soft border border-seam bg-felt px-3"
        onChange={(event) => onText(event.target.value)}
        onKeyDown={onKey}
      />
    </div>
  )
}

/** A record that is being written down, under its name in the job. */
interface Writing {
  id: string
  material: Material
}

/** A record of one's own begins from one that is like it. */
const begun = (like: Material): Material => ({ ...like, name: `${like.name}, own`.slice(0, 80), source: "own figures" })
