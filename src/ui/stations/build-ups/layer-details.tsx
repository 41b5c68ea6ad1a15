"use client"
import { v4 as newId } from "uuid"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import type { FaceFigures } from "../../../core/ledger/face-figures"
import { printWithUnit } from "../../../core/quantity/measure"
import { addMembers, setBetween, setLayerFlags, setThickness } from "../../../edit/assembly-edits"
import { useJob, useJobStore } from "../../job/job-store"
import { printAirLayer } from "../../materials/figures"
import { QuantityField, SelectField } from "../../primitives/fields"
import { Toggle } from "../../primitives/toggle"
import { FRESH_MEMBERS } from "../members/fresh-members"
import { MemberFields } from "../members/member-fields"
import { Reach } from "./reach"
import { SameResistance } from "./same-resistance"

/** Everything that can be said of one layer. */
export function LayerDetails({ figures, built }: { figures: FaceFigures; built: BuiltLayer }) {
  const job = useJob()
  const { units } = job
  const store = useJobStore()
  const { layer, material, id } = built
  const { assembly } = figures
  const { members } = job.variants[job.active]!.assemblies[assembly]!
  return (
    <div className="grid grid-cols-3 gap-x-4 gap-y-2 border-t border-seam pt-3" data-testid="layer-details">
      <p className="col-span-3 font-display text-[15px] font-semibold">
        {material.name}
        <span className="ml-2 font-sans text-dense font-normal text-graphite">
          λ {printWithUnit("conductivity", material.conductivity.declared, units)} declared at{" "}
          {printWithUnit("temperature", material.conductivity.at, units)}
          {built.meanTemperature === null
            ? ""
            : `, here ${printWithUnit("conductivity", built.conductivity, units)} at ${printWithUnit("temperature", built.meanTemperature, units)}`}{" "}
          · {printWithUnit("density", material.density, units)} · sd {printAirLayer(built.airLayer)} m · {material.fire.reaction}
        </span>
      </p>
      <QuantityField
        label="Thickness"
        kind="length"
        system={units}
        value={layer.thickness}
        onCommit={(thickness) => store.edit(setThickness(assembly, id, thickness))}
      />
      <SelectField
        label="How well it is fitted"
        value={String(layer.voids)}
        options={[
          { value: "0", name: "no gaps that matter" },
          { value: "1", name: "some gaps across it" },
          { value: "2", name: "gaps, and air behind it" },
        ]}
        onChange={(voids) => store.edit(setLayerFlags(assembly, id, { voids: Number(voids) as 0 | 1 | 2 }))}
      />
      <Toggle label="There already" on={layer.existing} onChange={(existing) => store.edit(setLayerFlags(assembly, id, { existing }))} />
      <SelectField
        label="Lies between"
        value={layer.between ?? "none"}
        options={[
          { value: "none", name: "no members: it runs on" },
          ...Object.entries(members).map(([value, { name }]) => ({ value, name: name.toLowerCase() })),
          ...FRESH_MEMBERS.map(({ value, name }) => ({ value, name })),
        ]}
        onChange={(value) => {
          const fresh = FRESH_MEMBERS.find((one) => one.value === value)
          if (fresh) store.edit(addMembers(assembly, `m-${newId().slice(0, 8)}`, fresh.set, id))
          else store.edit(setBetween(assembly, id, value === "none" ? null : value))
        }}
      />
      {built.label === null ? null : (
        <>
          <SameResistance assembly={assembly} layer={id} resistance={built.label} />
          <Reach figures={figures} built={built} />
        </>
      )}
      {layer.between !== null && built.set ? (
        <div className="col-span-3">
          <MemberFields figures={figures} id={layer.between} set={built.set} />
        </div>
      ) : null}
    </div>
  )
}
