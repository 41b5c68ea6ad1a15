"use client"
import { Switch } from "radix-ui"
import { useId } from "react"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import { CATALOGUE } from "../../../core/material/catalogue"
import { attempt } from "../../../core/errors"
import { parseLengths } from "../../../core/quantity/length"
import { printQuantity, printWithUnit } from "../../../core/quantity/measure"
import { setFraming, setLayerFlags, setThickness } from "../../../edit/assembly-edits"
import { RIBS, timber } from "../../../edit/start/layers"
import type { MemberSet } from "../../../schema/job/build-up"
import { useJob, useJobStore } from "../../job/job-store"
import { QuantityField, SelectField, TypedField } from "../../primitives/fields"
import { SpacingChoice } from "./spacing-choice"

const MEMBERS = Object.entries(CATALOGUE).filter(([, { class: kind }]) => kind === "wood" || kind === "metal" || kind === "board")

/** Everything that can be said of one layer. */
export function LayerDetails({ assembly, built }: { assembly: string; built: BuiltLayer }) {
  const { units } = useJob()
  const store = useJobStore()
  const { layer, material, id } = built
  const change = (framing: Partial<Framing>) => store.edit(setFraming(assembly, id, { ...layer.framing!, ...framing }))
  const framed = layer.framing
  return (
    <div className="grid grid-cols-3 gap-x-4 gap-y-2 border-t border-seam pt-3" data-testid="layer-details">
      <p className="col-span-3 font-display text-[15px] font-semibold">
        {material.name}
        <span className="ml-2 font-sans text-dense font-normal text-graphite">
          λ {printWithUnit("conductivity", material.conductivity.declared, units)} declared at{" "}
          {printWithUnit("temperature", material.conductivity.at, units)} · {printWithUnit("density", material.density, units)} · sd{" "}
          {built.airLayer < 0.1 ? built.airLayer.toFixed(2) : built.airLayer.toFixed(1)} m · {material.fire.reaction}
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
        label="Members between"
        value={framed?.material ?? "none"}
        options={[{ value: "none", name: "none" }, ...MEMBERS.map(([value, { name }]) => ({ value, name }))]}
        onChange={(value) => {
          if (value === "none") store.edit(setFraming(assembly, id, null))
          else
            store.edit(
              setFraming(assembly, id, {
                ...(framed ?? (CATALOGUE[value]!.class === "metal" ? RIBS : timber(0.045, 0.6))),
                material: value,
              }),
            )
        }}
      />
      {framed ? (
        <>
          <QuantityField label="Width" kind="length" system={units} value={framed.width} onCommit={(width) => change({ width })} />
          <QuantityField
            label="Spacing, centre to centre"
            kind="length"
            system={units}
            value={framed.spacing}
            onCommit={(spacing) => change({ spacing, positions: null })}
          />
          <QuantityField
            label="Wall of a tube or channel"
            kind="length"
            system={units}
            value={framed.wall}
            placeholder="solid"
            onCommit={(wall) => change({ wall })}
            onEmpty={() => change({ wall: null })}
          />
          <QuantityField
            label="Plates and edges, share"
            kind="percent"
            system={units}
            value={framed.plates}
            onCommit={(plates) => change({ plates })}
          />
          <div className="col-span-2">
            <TypedField
              label="Middles one by one, from the left seen from inside; empty: at the spacing"
              shown={(framed.positions ?? []).map((position) => printQuantity("length", position, units).text).join("; ")}
              placeholder={units === "metric" ? "120; 680; 1250" : `5"; 27"; 49 1/2"`}
              onCommit={(text) => {
                const read = attempt(() => parseLengths(text, units))
                return read.ok ? change({ positions: read.value.length === 0 ? null : read.value }) : read.error
              }}
            />
          </div>
          <p className="self-end pb-1 text-dense text-graphite">{printWithUnit("percent", built.fraction, units)} of the face is members</p>
          <SpacingChoice framing={framed} onTake={(spacing) => change({ spacing, positions: null })} />
        </>
      ) : null}
    </div>
  )
}

function Toggle({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) {
  const id = useId()
  return (
    <div className="flex items-end gap-2 pb-1">
      <Switch.Root
        id={id}
        checked={on}
        onCheckedChange={onChange}
        className="h-5 w-9 rounded-soft border border-graphite bg-sheet p-px data-[state=checked]:border-spruce data-[state=checked]:bg-spruce"
      >
        <Switch.Thumb className="moves block size-4 rounded-[3px] bg-graphite data-[state=checked]:translate-x-4 data-[state=checked]:bg-on-spruce" />
      </Switch.Root>
      <label htmlFor={id}>{label}</label>
    </div>
  )
}
