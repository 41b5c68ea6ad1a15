"use client"
import { inSentence } from "../../../core/in-sentence"
import { fireWords } from "../../../core/material/layer-properties"
import { v4 as newId } from "uuid"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { membersInMarket } from "../../../edit/start/market"
import { addAlso, addMembers, setAlso, setBetween, setEnds, setLayer, setThickness } from "../../../edit/assembly-edits"
import { useJob, useJobStore } from "../../job/job-store"
import { conductivityWords } from "../../materials/figures"
import { Button } from "../../primitives/button"
import { QuantityField, SelectField } from "../../primitives/fields"
import { Toggle } from "../../primitives/toggle"
import { FRESH_MEMBERS } from "../members/fresh-members"
import { MemberFields } from "../members/member-fields"
import { FitQuality } from "./fit-quality"
import { AirVents, LayerFasteners, PressedFibre } from "./layer-fixing"
import { Paying } from "./paying"
import { Reach } from "./reach"
import { SameResistance } from "./same-resistance"
import { WhatFits } from "./what-fits"
import { useWriting } from "../../writing/writing"

/** Everything that can be said of one layer. */
export function LayerDetails({ figures, built }: { figures: SurfaceFigures; built: BuiltLayer }) {
  const writing = useWriting()
  const { units, write, wholeDegrees } = writing
  const job = useJob()
  const store = useJobStore()
  const { layer, material, id } = built
  const { assembly } = figures
  const { members } = job.variants[job.active]!.assemblies[assembly]!
  return (
    <div className="grid grid-cols-3 gap-x-4 gap-y-2 border-t border-seam pt-3" data-testid="layer-details">
      <p className="col-span-3 font-display text-[15px] font-semibold">
        {material.name}
        <span className="ml-2 font-sans text-dense font-normal text-graphite">
          label {conductivityWords(writing, material.conductivity.declared)}, declared at {wholeDegrees(material.conductivity.at)}
          {built.meanTemperature === null
            ? ""
            : `, worth ${conductivityWords(writing, built.conductivity)} in this place at ${write("temperature", built.meanTemperature)}`}{" "}
          · {write("density", material.density)} · vapour: {units === "metric" ? "sd " : ""}
          {write("vapourResistance", built.equivalentAirLayer)}
          {material.vapour.sdByHumidity ? " dry, less where it is damp" : ""} · {fireWords(material)}
        </span>
      </p>
      <Thickness assembly={assembly} built={built} />
      <Toggle label="There already" on={layer.existing} onChange={(existing) => store.edit(setLayer(assembly, id, { existing }))} />
      <SelectField
        label="Lies between"
        value={layer.between ?? "none"}
        options={[
          { value: "none", name: "no members: it runs on" },
          ...Object.entries(members).map(([value, { name }]) => ({ value, name: inSentence(name) })),
          ...FRESH_MEMBERS.map(({ value, name }) => ({ value, name })),
        ]}
        onChange={(value) => {
          const fresh = FRESH_MEMBERS.find((one) => one.value === value)
          if (fresh) store.edit(addMembers(assembly, `m-${newId().slice(0, 8)}`, membersInMarket(fresh.set, units), id))
          else store.edit(setBetween(assembly, id, value === "none" ? null : value))
        }}
      />
      {layer.between === null ? null : <Among figures={figures} built={built} />}
      {material.class === "air" ? <AirVents figures={figures} built={built} /> : null}
      {material.class === "fibre" ? <PressedFibre figures={figures} built={built} /> : null}
      {built.declaredResistance === null ? null : (
        <>
          <LayerFasteners figures={figures} built={built} />
          <FitQuality level={layer.voids} kind={material.class} onChange={(voids) => store.edit(setLayer(assembly, id, { voids }))} />
          <SameResistance assembly={assembly} layer={id} resistance={built.declaredResistance} />
          <Reach figures={figures} built={built} />
          <WhatFits figures={figures} built={built} />
          <Paying figures={figures} built={built} />
        </>
      )}
      {built.members.map(({ id, set }) => (
        <div key={id} className="col-span-3">
          <MemberFields figures={figures} id={id} set={set} />
        </div>
      ))}
    </div>
  )
}

/** How thick a layer is, or at one end and at the other where it tapers: a wedge over a beam that slopes, falls on a roof. */
function Thickness({ assembly, built: { id, layer } }: { assembly: string; built: BuiltLayer }) {
  const store = useJobStore()
  const { thickness, taper } = layer
  const [one, other] = [thickness - taper / 2, thickness + taper / 2]
  return (
    <>
      <QuantityField
        label={taper === 0 ? "Thickness" : "Thickness at one end"}
        kind="length"
        value={one}
        onCommit={(value) => store.edit(taper === 0 ? setThickness(assembly, id, value) : setEnds(assembly, id, value, other))}
      />
      <QuantityField
        label="At the other end"
        kind="length"
        value={taper === 0 ? null : other}
        empty={null}
        placeholder="as thick"
        onCommit={(value) => store.edit(setEnds(assembly, id, one, value ?? one))}
      />
    </>
  )
}

/** Further members in the same layer: blocks and nailers between those that it lies between. */
function Among({ figures: { assembly }, built: { layer, id, members } }: { figures: SurfaceFigures; built: BuiltLayer }) {
  const { units } = useWriting()
  const store = useJobStore()
  const job = useJob()
  const sets = job.variants[job.active]!.assemblies[assembly]!.members
  const others = Object.entries(sets).filter(([set]) => set !== layer.between && !layer.also.includes(set))
  return (
    <div className="col-span-3 flex flex-wrap items-end gap-x-4 gap-y-1">
      {layer.also.length < MOST_SETS ? (
        <div className="w-56">
          <SelectField
            label="Between them stand, too"
            value="none"
            options={[
              { value: "none", name: layer.also.length === 0 ? "no other members" : "no more members" },
              ...others.map(([value, { name }]) => ({ value, name: inSentence(name) })),
              ...FRESH_MEMBERS.map(({ value, name }) => ({ value, name })),
            ]}
            onChange={(value) => {
              const fresh = FRESH_MEMBERS.find((one) => one.value === value)
              if (fresh) store.edit(addAlso(assembly, `m-${newId().slice(0, 8)}`, membersInMarket(fresh.set, units), id))
              else if (value !== "none") store.edit(setAlso(assembly, id, [...layer.also, value]))
            }}
          />
        </div>
      ) : null}
      {members.slice(1).map(({ id: set, set: { name } }) => (
        <Button
          key={set}
          look="link"
          onClick={() =>
            store.edit(
              setAlso(
                assembly,
                id,
                layer.also.filter((one) => one !== set),
              ),
            )
          }
        >
          take {inSentence(name)} out of this layer
        </Button>
      ))}
    </div>
  )
}

/** A layer holds no more sets beside the first. */
const MOST_SETS = 5
