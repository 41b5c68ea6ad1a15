"use client"
import { printWithUnit } from "../../../core/quantity/measure"
import { setSlabEdge } from "../../../edit/shell-edits"
import type { SlabEdge } from "../../../schema/job/shell"
import { JobQuantity } from "../../job/job-quantity"
import { useJob, useJobStore, useLedger } from "../../job/job-store"
import { materialChoices, useMaterials } from "../../materials/use-materials"
import { choicesOf, SelectField } from "../../primitives/fields"

const EDGES: Record<SlabEdge["kind"] | "none", string> = {
  none: "none",
  vertical: "down beside it",
  horizontal: "level under its rim",
}
const FIRST_EDGE: SlabEdge = { kind: "vertical", reach: 0.6, thickness: 0.05, material: "xps" }

/** Insulation along the edge of a slab: of what, how far, and what it saves. */
export function SlabEdgeFields() {
  const {
    shell: { slabEdge },
    units,
  } = useJob()
  const store = useJobStore()
  const materials = useMaterials()
  const ground = useLedger().faces.find(({ id }) => id === "floor")?.ground
  const change = (part: Partial<SlabEdge>) => store.edit(setSlabEdge({ ...FIRST_EDGE, ...slabEdge, ...part }))
  return (
    <section aria-label="Edge of the slab" className="grid grid-cols-4 items-end gap-x-4 gap-y-2">
      <SelectField
        label="Insulation along the slab’s edge"
        value={slabEdge?.kind ?? "none"}
        options={choicesOf(EDGES)}
        onChange={(kind) => (kind === "none" ? store.edit(setSlabEdge(null)) : change({ kind }))}
      />
      {slabEdge ? (
        <>
          <SelectField
            label="Of"
            value={slabEdge.material}
            options={materialChoices(materials, ["foam", "stone"])}
            onChange={(material) => change({ material })}
          />
          <JobQuantity
            label={slabEdge.kind === "vertical" ? "How deep" : "How wide"}
            kind="length"
            value={slabEdge.reach}
            onCommit={(reach) => change({ reach })}
          />
          <JobQuantity label="How thick" kind="length" value={slabEdge.thickness} onCommit={(thickness) => change({ thickness })} />
          <p className="col-span-4 text-dense text-graphite" data-testid="slab-edge">
            {ground && ground.edgeTransmittance < 0
              ? `It takes ${printWithUnit("linearTransmittance", -ground.edgeTransmittance, units)} off each metre of the edge (ISO 13370, annex B).`
              : "It conducts no better than the ground that it replaces, and counts nothing."}
          </p>
        </>
      ) : null}
    </section>
  )
}
