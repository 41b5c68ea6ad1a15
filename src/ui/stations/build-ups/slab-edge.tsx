"use client"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { edgeInMarket } from "../../../edit/start/market"
import { FIRST_EDGE } from "../../../core/enclosure/perimeter-insulation"
import { perLength } from "../../../core/quantity/unit-system"
import { setSlabEdge } from "../../../edit/assembly-edits"
import type { SlabEdge } from "../../../schema/job/build-up"
import { RIM_WORDS } from "../../bridge/rim-words"
import { useJob, useJobStore } from "../../job/job-store"
import { materialChoices, useMaterials } from "../../materials/use-materials"
import { fieldsOf } from "../../fields/fields-of"
import { choicesOf, SelectField } from "../../primitives/fields"
import { useWriting } from "../../writing/writing"

const EDGES: Record<SlabEdge["kind"] | "none", string> = { none: "none", ...RIM_WORDS }

/** Insulation along the edge of a floor on the ground: of what, how far, and what it saves. */
export function SlabEdgeFields({ figures: { assembly, ground } }: { figures: SurfaceFigures }) {
  const { write } = useWriting()
  const { variants, active, units } = useJob()
  const store = useJobStore()
  const materials = useMaterials()
  const { edge } = variants[active]!.assemblies[assembly]!
  const change = (part: Partial<SlabEdge>) => store.edit(setSlabEdge(assembly, { ...edgeInMarket(FIRST_EDGE, units), ...edge, ...part }))
  const fields = edge && fieldsOf(edge, change)
  return (
    <section aria-label="Edge of the slab" className="grid grid-cols-2 items-end gap-x-4 gap-y-2 border-t border-seam pt-3">
      <SelectField
        label="Insulation along the slab’s edge"
        value={edge?.kind ?? "none"}
        options={choicesOf(EDGES)}
        onChange={(kind) => (kind === "none" ? store.edit(setSlabEdge(assembly, null)) : change({ kind }))}
      />
      {fields ? (
        <>
          {fields.choice("material", "Of", materialChoices(materials, ["foam", "stone"]))}
          {fields.length("reach", edge?.kind === "vertical" ? "How deep" : "How wide")}
          {fields.length("thickness", "How thick")}
          <p className="col-span-2 text-dense text-graphite" data-testid="slab-edge">
            {ground && ground.edgeTransmittance < 0
              ? `It takes ${write("linearTransmittance", -ground.edgeTransmittance)} off each ${perLength(units)} of the edge (ISO 13370, annex B).`
              : "It conducts no better than the ground that it replaces, and counts nothing."}
          </p>
        </>
      ) : null}
    </section>
  )
}
