"use client"
import { useState } from "react"
import type { Materials } from "../../core/material/catalogue"
import { parsePrice, PRICE_KIND } from "../../core/takeoff/price-by-piece"
import { parseLengths } from "../../core/quantity/length"
import { type Bounds, implausible } from "../../core/material/plausible"
import { type Kind } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"
import { KNOWN } from "../../edit/known"
import { KEPT_VERSION, MATERIAL_FORMAT } from "../../schema/kept"
import { readKept } from "../../schema/read-kept"
import type { Application, Material, MaterialClass } from "../../schema/material"
import type { Fault } from "../../schema/outcome"
import { useJob } from "../job/job-store"
import { fieldsOf } from "../fields/fields-of"
import { Button } from "../primitives/button"
import { choicesOf, QuantityField, ReadField, SelectField, TypedField } from "../primitives/fields"
import { Remark } from "../primitives/remark"
import { Refusal } from "../primitives/refusal"
import { useWriting, type Writing } from "../writing/writing"

const CLASSES: Record<Exclude<MaterialClass, "air">, string> = {
  foam: "foam",
  fibre: "fibre",
  wood: "wood",
  board: "board",
  metal: "metal",
  stone: "stone, concrete",
  membrane: "membrane",
  covering: "covering",
  plaster: "plaster",
  glass: "glass",
}
const APPLICATIONS: Record<Application, string> = {
  board: "boards",
  sheet: "sheets and films",
  batt: "batts",
  loose: "blown or filled in loose",
  sprayed: "sprayed",
  poured: "poured or trowelled",
  brushed: "brushed or glued on",
  length: "lengths",
  built: "built on the spot",
}
const PER: Record<UnitSystem, Record<Material["price"]["per"], string>> = {
  metric: { "m³": "a cubic metre", "m²": "a square metre", kg: "a kilogram" },
  "inch-pound": { "m³": "a board foot", "m²": "a square foot", kg: "a pound" },
}

const inUnit =
  (kind: Kind) =>
  (value: number, { write }: Writing) =>
    write(kind, value)

/** Figures that a class bounds, as they are written. */
const BOUNDED: Record<keyof Bounds, { name: string; print: (value: number, writing: Writing) => string }> = {
  conductivity: { name: "A conductivity", print: inUnit("conductivity") },
  density: { name: "A density", print: inUnit("density") },
  specificHeat: { name: "A specific heat", print: inUnit("specificHeat") },
  mu: { name: "A vapour resistance", print: (value, writing) => (value === Infinity ? "any" : writing.write("vapourFactor", value)) },
}

interface Props {
  /** The record that one begins with. */
  start: Material
  materials: Materials
  onKeep: (material: Material) => Promise<Fault | null>
  onBack: () => void
}

/** A material of one's own, begun from one that is like it: what the sheet of its maker says. */
export function OwnMaterial({ start, materials, onKeep, onBack }: Props) {
  const writing = useWriting()
  const { units } = useJob()
  const [material, setMaterial] = useState(start)
  const [refusal, setRefusal] = useState<string | null>(null)
  /** What the schema refuses is said beside its field and changes nothing. */
  const change = (part: Partial<Material>): Fault | null => {
    const next = { ...material, ...part }
    const read = readKept({ format: MATERIAL_FORMAT, version: KEPT_VERSION, material: next }, KNOWN)
    if (!read.ok) return read.error
    setMaterial(next)
    return null
  }
  const like = (id: string) => setMaterial({ ...materials[id]!, name: material.name, source: material.source })
  const { conductivity, vapour, sold } = material
  const fields = fieldsOf(material, change)
  const within = <K extends "conductivity" | "sold" | "price" | "fire">(key: K) =>
    fieldsOf<Material[K]>(material[key], (part) => change({ [key]: { ...material[key], ...part } }))
  const [aged, sheet, price, burning] = [within("conductivity"), within("sold"), within("price"), within("fire")]
  return (
    <div className="grid gap-3" data-testid="own-material">
      <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2">
        <TypedField label="Its name" autoFocus shown={material.name} onCommit={(name) => change({ name: name.trim() })} />
        <SelectField
          label="Like"
          value=""
          options={[
            { value: "", name: "begin from another …" },
            ...Object.entries(materials).map(([value, { name }]) => ({ value, name })),
          ]}
          onChange={(id) => (id === "" ? null : like(id))}
        />
        <SelectField
          label="Class"
          value={material.class as Exclude<MaterialClass, "air">}
          options={choicesOf(CLASSES)}
          onChange={(kind) => change({ class: kind })}
        />
        <QuantityField
          label="Conductivity λ, declared"
          kind="conductivity"
          value={conductivity.declared}
          onCommit={(declared) => change({ conductivity: scaled(conductivity, declared) })}
        />
        {aged.quantity("aged", "conductivity", "Conductivity after 25 years")}
        {fields.quantity("density", "density", "Density")}
        <VapourFields vapour={vapour} onChange={(next) => change({ vapour: next })} />
        {fields.quantity("specificHeat", "specificHeat", "Specific heat")}
        {fields.maybe("compressiveStrength", "stress", "Compressive strength", "none")}
        <ReadField
          label="Sold in thicknesses"
          shown={sold.thicknesses.map((thickness) => writing.figure("length", thickness)).join("; ")}
          read={(text) => parseLengths(text, units).sort((a, b) => a - b)}
          onCommit={(thicknesses) => change({ sold: { ...sold, thicknesses } })}
        />
        {sheet.maybe("width", "length", "Width of a sheet or roll", "none")}
        {sheet.maybe("length", "length", "Length of it", "none")}
        <PriceField material={material} onCommit={(amount) => change({ price: { ...material.price, amount } })} />
        {price.choice("per", "Price for", PER[units])}
        {burning.text("reaction", "Reaction to fire, in words")}
        {burning.toggle("combustible", "It burns, smoulders or chars")}
        {burning.toggle("needsCover", "Foam to be covered")}
        {fields.choice("application", "How it is put in place", APPLICATIONS)}
        {fields.text("source", "Where the figures are from")}
      </div>
      <p className="text-dense text-graphite">
        What is not asked here (course with temperature, water held, faces) is as with the one that it began from. It is kept on the shelf
        and travels with this job.
      </p>
      <Unheard material={material} />
      <Refusal>{refusal}</Refusal>
      <div className="flex gap-3">
        <Button look="strong" onClick={() => void onKeep(material).then((fault) => setRefusal(fault?.message ?? null))}>
          Keep it
        </Button>
        <Button onClick={onBack}>Back to the list</Button>
      </div>
    </div>
  )
}

/** The price, by what it is for or as one pays it for a piece. */
function PriceField({ material, onCommit }: { material: Material; onCommit: (amount: number) => Fault | null }) {
  const { units, currency } = useJob()
  const writing = useWriting()
  const kind = PRICE_KIND[material.price.per]
  const { text, before, unit } = writing.printed(kind, material.price.amount)
  return (
    <ReadField
      label="Price, such as 38 a sheet"
      shown={text}
      unit={before + unit}
      read={(typed) => parsePrice(typed, material, { units, currency })}
      write={(price) => writing.write(kind, price)}
      onCommit={onCommit}
    />
  )
}

/** The resistance to vapour as a factor of the stuff or as an air layer of the sheet. */
function VapourFields({ vapour, onChange }: { vapour: Material["vapour"]; onChange: (vapour: Material["vapour"]) => Fault | null }) {
  const { units } = useWriting()
  return (
    <>
      <SelectField
        label="Vapour resistance as"
        value={vapour.mu ? "mu" : "sd"}
        options={[
          { value: "mu", name: units === "metric" ? "a factor μ of the stuff" : "perm-inches of the stuff" },
          { value: "sd", name: units === "metric" ? "an air layer sd of the sheet" : "perms of the sheet" },
        ]}
        onChange={(given) => onChange(given === "mu" ? { mu: vapour.mu ?? vapour.sd! } : { sd: vapour.sd ?? vapour.mu! })}
      />
      <QuantityField
        label={units === "metric" ? (vapour.mu ? "Vapour resistance μ, dry" : "Vapour resistance sd, dry") : "Lets vapour through, dry"}
        kind={vapour.mu ? "vapourFactor" : "vapourResistance"}
        value={(vapour.mu ?? vapour.sd!).dry}
        onCommit={(dry) => onChange(drier(vapour, dry))}
      />
    </>
  )
}

/** Figures that no handbook has of its class. */
function Unheard({ material }: { material: Material }) {
  const writing = useWriting()
  return implausible(material).map(({ figure: which, value, range }) => (
    <Remark
      key={which}
      kind="remark"
      title={`${BOUNDED[which].name} of ${BOUNDED[which].print(value, writing)} is unheard of in a ${CLASSES[material.class as keyof typeof CLASSES]}.`}
    >
      Handbooks have {BOUNDED[which].print(range[0], writing)} to {BOUNDED[which].print(range[1], writing)}: look again at the figure, its
      unit, or the class.
    </Remark>
  ))
}

/** The course with temperature and the aged value keep their shape. */
function scaled(conductivity: Material["conductivity"], declared: number): Material["conductivity"] {
  const by = declared / conductivity.declared
  return {
    ...conductivity,
    declared,
    aged: conductivity.aged * by,
    byTemperature: conductivity.byTemperature.map(([temperature, value]) => [temperature, value * by]),
  }
}

/** The wet cup says no more than the dry one. */
function drier({ mu, sd }: Material["vapour"], dry: number): Material["vapour"] {
  const both = { dry, wet: Math.min(dry, (mu ?? sd!).wet) }
  return mu ? { mu: both } : { sd: both }
}
