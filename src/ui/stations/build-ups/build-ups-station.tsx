"use client"
import { inSentence } from "../../../core/in-sentence"
import { sum } from "../../../core/numeric/sum"
import { useDialogs } from "../../bench/use-dialogs"
import { useState } from "react"
import { v4 as newId } from "uuid"
import { idleFoils } from "../../../core/assembly/idle-foil"
import { seasonOf } from "../../../core/ledger/headlines"
import { layerCautions } from "../../../core/ledger/cautions"
import { moveLayer, removeLayer, setAbsorptance, setAssembly, setLeakage, wear, wearOwn } from "../../../edit/assembly-edits"
import { addZones } from "../../../edit/shell-edits"
import { plainZone } from "../../../edit/start/usual-zones"
import { pin, unpin } from "../../../edit/variant-edits"
import { useJob, useJobStore, useSelection } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { QuantityField, SelectField, TypedField } from "../../primitives/fields"
import { later } from "../../primitives/later"
import { Remark } from "../../primitives/remark"
import { LayerTable } from "../../slice/layer-table"
import { Slice } from "../../slice/slice"
import { useShowWorking } from "../../working/use-show-working"
import { FaceHeader } from "../face-header"
import { useGo } from "../use-go"
import { useChosenFace } from "../use-figures"
import { useWriting } from "../../writing/writing"

const SlabEdgeFields = later(() => import("./slab-edge").then((module) => module.SlabEdgeFields))
const LeakageDialog = later(() => import("../../leakage/leakage-dialog").then((module) => module.LeakageDialog))
const LayerDetails = later(() => import("./layer-details").then((module) => module.LayerDetails))

/** The chosen face layer by layer: what it is made of, and what each layer does. */
export function BuildUpsStation() {
  const { ask } = useDialogs()
  const figures = useChosenFace()
  const job = useJob()
  const store = useJobStore()
  const show = useShowWorking()
  const { verdict } = useLedger().moisture[figures.id]!
  const layerId = useSelection((view) => view.layer)
  const layer = figures.layers.find(({ id }) => id === layerId)
  const at = layer ? figures.layers.indexOf(layer) : figures.layers.length - 1
  return (
    <div className="station gap-3">
      <FaceHeader />
      <div className="z-10 -mx-6 -mt-4 bg-felt px-6 pt-4 compact:-mx-4 compact:px-4 [@media(min-height:700px)]:sticky [@media(min-height:700px)]:-top-4">
        <Slice key={figures.id} figures={figures} season={seasonOf(verdict, job.brief.kind)} />
      </div>
      <LayerTable figures={figures} />
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => ask({ kind: "materials", picking: { kind: "add", assembly: figures.assembly, at: at + 1 } })}>
          Add layer
        </Button>
        {layer ? (
          <>
            <Button onClick={() => ask({ kind: "materials", picking: { kind: "replace", assembly: figures.assembly, layer: layer.id } })}>
              Replace
            </Button>
            <Button disabled={at === 0} onClick={() => store.edit(moveLayer(figures.assembly, layer.id, at - 1))}>
              Outward
            </Button>
            <Button disabled={at === figures.layers.length - 1} onClick={() => store.edit(moveLayer(figures.assembly, layer.id, at + 1))}>
              Inward
            </Button>
            <Button
              disabled={figures.layers.length === 1}
              onClick={() => {
                store.edit(removeLayer(figures.assembly, layer.id))
                store.choose({ layer: null })
              }}
            >
              Remove
            </Button>
          </>
        ) : null}
        <Button onClick={() => show.resistance(figures)}>Show the working of R</Button>
        {job.pinned ? (
          <Button onClick={() => store.edit(unpin())}>Stop comparing</Button>
        ) : (
          <Button onClick={() => store.edit(pin(job.variants[job.active]!.name))}>Compare from here on</Button>
        )}
      </div>
      {layer ? <LayerDetails key={layer.id} figures={figures} built={layer} /> : null}
      <Remarks />
      <Tapering />
      {idleFoils(figures.layers).map(({ id, material }) => (
        <Remark key={id} kind="remark" title={`${material.name}: its foil reflects nothing here.`}>
          It touches what lies on both sides of it. Only beside an air space does a bright face add to R; here it stops vapour and air at
          most.
        </Remark>
      ))}
      {figures.ground ? <SlabEdgeFields figures={figures} /> : null}
      <Wearing />
      {layerCautions(figures.layers).map((caution) => (
        <Remark key={caution} kind="caution">
          {caution}
        </Remark>
      ))}
    </div>
  )
}

/** What the label promises and what the built face gives. */
function Remarks() {
  const { figure } = useWriting()
  const figures = useChosenFace()
  const text = (value: number) => figure("resistance", value)
  const taken = 1 - figures.totalResistance / figures.cavityResistance
  if (taken < 0.03) return null
  const solved = figures.bridges.map(({ set }) => inSentence(set.name))
  const says = `The labels say R ${text(figures.declaredResistance)}, the built face gives R ${text(figures.totalResistance)}.`
  const why = `Between the members it is R ${text(figures.cavityResistance)} with its air films; the members take ${Math.round(taken * 100)} % of it.${solved.length > 0 ? ` What ${solved.join(" and ")} pass is calculated in two dimensions.` : ""}`
  // Nothing is wrong with a face that gives what its labels say.
  if (figures.totalResistance > 0.97 * figures.declaredResistance)
    return (
      <p className="text-graphite">
        {says} {why}
      </p>
    )
  return (
    <Remark kind="remark" title={says}>
      {why}
    </Remark>
  )
}

/** What is reckoned where, of layers that taper. */
function Tapering() {
  const { length } = useWriting()
  const figures = useChosenFace()
  const { at } = useLedger().moisture[figures.id]!
  if (!figures.ends) return null
  const thick = (layers: typeof figures.layers) => sum(layers.map(({ layer }) => layer.thickness))
  const [thin, wide] = figures.ends.map(({ layers }) => thick(layers)) as [number, number]
  return (
    <p className="text-graphite" data-testid="tapering">
      From {length(thin)} to {length(wide)} thick. R and heat are the mean of what passes along the fall. The slice and the damp are those
      of the {Math.abs(thick(at.layers) - thin) < 1e-9 ? "thin" : "thick"} end, the worse of the two; details in two dimensions are drawn
      where it insulates least.
    </p>
  )
}

/** Which build-up the face wears, its colour, and the leaks of the whole. */
function Wearing() {
  const { ask } = useDialogs()
  const figures = useChosenFace()
  const job = useJob()
  const ledger = useLedger()
  const store = useJobStore()
  const go = useGo()
  const [asking, setAsking] = useState(false)
  const { assemblies, leakage } = job.variants[job.active]!
  const sharing = ledger.surfaces.filter((face) => face.assembly === figures.assembly)
  const skin = assemblies[figures.assembly]!
  // A zone begins where it can be moved about, at the Shell.
  const divide = () => {
    const id = `zones-${newId().slice(0, 8)}`
    if (store.edit(addZones([[id, plainZone(figures.face, job.units)]]))) return
    store.choose({ face: id, layer: null, part: { list: "zones", id } })
    go("shell")
  }
  return (
    <div className="grid grid-cols-2 gap-x-4 gap-y-2 border-t border-seam pt-3">
      <SelectField
        label={`Build-up of the ${inSentence(figures.name)}`}
        value={figures.assembly}
        options={Object.entries(assemblies).map(([id, { name }]) => ({ value: id, name }))}
        onChange={(assembly) => {
          store.edit(wear(figures.id, assembly))
          store.choose({ layer: null })
        }}
      />
      <div className="self-end text-dense text-graphite">
        {sharing.length > 1 ? (
          <>
            used by {sharing.length} faces ·{" "}
            <Button look="link" onClick={() => store.edit(wearOwn(figures.id, `a-${newId().slice(0, 8)}`, figures.name))}>
              Give this face its own
            </Button>
          </>
        ) : (
          "used by this face only"
        )}{" "}
        ·{" "}
        <Button look="link" onClick={() => ask({ kind: "build-ups" })}>
          Other build-ups
        </Button>
        {figures.zone === null ? (
          <>
            {" "}
            ·{" "}
            <Button look="link" onClick={divide}>
              Build part of it otherwise
            </Button>
          </>
        ) : null}
      </div>
      <TypedField
        label="Name of the build-up"
        shown={skin.name}
        onCommit={(name) => store.edit(setAssembly(figures.assembly, { name: name.trim() }))}
      />
      <div>
        <TypedField
          label="Why it was chosen"
          shown={skin.reason}
          placeholder="for whoever asks later; kept with the job"
          onCommit={(reason) => store.edit(setAssembly(figures.assembly, { reason: reason.trim() }))}
        />
      </div>
      <QuantityField
        label="Sun that its outdoor skin takes up (white 0.3, grey 0.6, black 0.95)"
        kind="ratio"
        value={figures.absorptance}
        empty={null}
        onCommit={(absorptance) => store.edit(setAbsorptance(figures.assembly, absorptance))}
      />
      <div>
        <QuantityField
          label="Air changes an hour at 50 Pa, whole enclosure"
          kind="airChanges"
          value={leakage.ach50}
          onCommit={(ach50) => store.edit(setLeakage({ ach50 }))}
        />
        <Button look="link" onClick={() => setAsking(true)}>
          From its joints, or from a fan test
        </Button>
        {asking ? <LeakageDialog onClose={() => setAsking(false)} /> : null}
      </div>
    </div>
  )
}
