"use client"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import { UNVENTILATED, ventilation, WELL_VENTILATED } from "../../../core/assembly/ventilated"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { perLength, type UnitSystem } from "../../../core/quantity/unit-system"
import { setLayer } from "../../../edit/assembly-edits"
import { roundedSize } from "../../../edit/start/rounded-size"
import { type Fasteners, PLAIN_LAYER } from "../../../schema/job/build-up"
import { useJobStore } from "../../job/job-store"
import { materialChoices, useMaterials } from "../../materials/use-materials"
import { fieldsOf } from "../../fields/fields-of"
import { QuantityField, SelectField } from "../../primitives/fields"
import { useWriting } from "../../writing/writing"

interface Props {
  figures: SurfaceFigures
  built: BuiltLayer
}

const firstScrews = (units: UnitSystem): Fasteners => ({
  material: "steel-galvanised",
  ...roundedSize({ diameter: 0.005 }, units),
  perArea: 6,
  recessed: 0,
})

/** What holds a layer and passes through it: how many, of what, and what they cost. */
export function LayerFasteners({ figures, built: { id, layer } }: Props) {
  const { write, units } = useWriting()
  const store = useJobStore()
  const materials = useMaterials()
  const { fasteners } = layer
  const change = (next: Fasteners | null) => store.edit(setLayer(figures.assembly, id, { fasteners: next }))
  const fields = fasteners && fieldsOf(fasteners, (part) => change({ ...fasteners, ...part }))
  return (
    <>
      <SelectField
        label="Screws or pins through it"
        value={fasteners?.material ?? "none"}
        options={[{ value: "none", name: "none that conduct" }, ...materialChoices(materials, ["metal"])]}
        onChange={(material) => change(material === "none" ? null : { ...(fasteners ?? firstScrews(units)), material })}
      />
      {fields ? (
        <>
          {fields.quantity("perArea", "perArea", "How many")}
          {fields.length("diameter", "Diameter of the metal")}
          {fields.length("recessed", "Heads end short of its face by")}
          <p className="col-span-2 self-end text-dense text-graphite" data-testid="fasteners">
            Those of all layers add {write("transmittance", figures.winter.corrections.fasteners)} to the face’s U (ISO 6946, annex F).
          </p>
        </>
      ) : null}
    </>
  )
}

/** Openings of an air space to the outdoors, and what they make of it. */
export function AirVents({ figures, built: { id, layer } }: Props) {
  const { units, write } = useWriting()
  const store = useJobStore()
  const open = ventilation(layer.vents)
  const openings = (value: number) => write("vents", value)
  const innermost = figures.layers.at(-1)!.id === id
  return (
    <>
      <QuantityField
        label={`Openings outdoors, a ${perLength(units)} of width`}
        kind="vents"
        value={layer.vents}
        onCommit={(vents) => store.edit(setLayer(figures.assembly, id, { vents }))}
      />
      <p className="col-span-2 self-end text-dense text-graphite" data-testid="vents">
        {innermost
          ? "Nothing lies inside of it, so it counts as the room."
          : open === 0
            ? `Closed: its R counts, and so does all that lies outside of it (ISO 6946: up to ${openings(UNVENTILATED)}).`
            : open === 1
              ? `Well vented (from ${openings(WELL_VENTILATED)}): neither it nor what lies outside of it adds R; behind it is still air.`
              : `Slightly vented: ${Math.round((1 - open) * 100)} % of its R, and of what lies outside of it, counts.`}
      </p>
    </>
  )
}

/** Up to here the conductivity of pressed fibre was measured, kg/m³. @see pressed-fibre */
const DENSEST = 150

/** How thick fibre is that is pressed into its place, and what that makes of it. */
export function PressedFibre({ figures, built: { id, layer, material, declared } }: Props) {
  const { write } = useWriting()
  const store = useJobStore()
  const change = (loose: number | null) => store.edit(setLayer(figures.assembly, id, { loose }))
  const lambda = (value: number) => write("conductivity", value)
  return (
    <>
      <QuantityField
        label="Thickness before it is pressed in"
        kind="length"
        value={layer.loose}
        placeholder="as it lies"
        empty={PLAIN_LAYER.loose}
        onCommit={change}
      />
      {layer.loose === null ? null : (
        <p className="col-span-2 self-end text-dense text-graphite" data-testid="pressed">
          At {write("density", (material.density * layer.loose) / layer.thickness)} its conductivity goes from{" "}
          {lambda(material.conductivity.declared)} to {lambda(declared)}: R {write("resistance", layer.thickness / declared)}, not the
          label’s {write("resistance", layer.loose / material.conductivity.declared)}.
          {(material.density * layer.loose) / layer.thickness > DENSEST
            ? ` The formula was fitted up to ${write("density", DENSEST)}; this is beyond it.`
            : ""}
        </p>
      )}
    </>
  )
}
