"use client"
import { Command } from "cmdk"
import { v4 as newId } from "uuid"
import { CATALOGUE } from "../../core/material/catalogue"
import { printQuantity, printWithUnit } from "../../core/quantity/measure"
import { addLayer, replaceLayer } from "../../edit/assembly-edits"
import { useJob, useJobStore } from "../job/job-store"
import { Swatch } from "../pelt/hatches"
import { Dialog } from "../primitives/dialog"

export type Picking = { kind: "add"; assembly: string; at: number } | { kind: "replace"; assembly: string; layer: string }

/** The catalogue, to add a layer from or to replace one with. */
export function MaterialPicker({ picking, onClose }: { picking: Picking; onClose: () => void }) {
  const { units } = useJob()
  const store = useJobStore()
  const take = (material: string) => {
    if (picking.kind === "replace") store.edit(replaceLayer(picking.assembly, picking.layer, material))
    else {
      const id = `l-${newId().slice(0, 8)}`
      store.edit(addLayer(picking.assembly, id, material, picking.at))
      store.choose({ layer: id })
    }
    onClose()
  }
  return (
    <Dialog open onClose={onClose} title={picking.kind === "add" ? "Add a layer" : "Replace the layer"}>
      <Command label="Materials" className="grid gap-2">
        <Command.Input autoFocus placeholder="wool, foam, steel …" className="h-9 w-full rounded-soft border border-seam bg-felt px-3" />
        <Command.List className="max-h-[46vh] overflow-y-auto">
          <Command.Empty className="py-3 text-graphite">Nothing in the catalogue has that name.</Command.Empty>
          {Object.entries(CATALOGUE).map(([id, material]) => (
            <Command.Item
              key={id}
              value={id}
              keywords={[material.name, material.class]}
              className="flex items-center gap-3 rounded-soft px-2 py-1 data-[selected=true]:bg-chosen"
              onSelect={() => take(id)}
            >
              <Swatch kind={material.class} />
              <span className="grow">{material.name}</span>
              <span className="text-dense text-graphite">
                λ {printWithUnit("conductivity", material.conductivity.declared, units)} ·{" "}
                {printQuantity("length", material.sold.thicknesses[0]!, units).text}–
                {printWithUnit("length", material.sold.thicknesses.at(-1)!, units)}
              </span>
            </Command.Item>
          ))}
        </Command.List>
      </Command>
    </Dialog>
  )
}
