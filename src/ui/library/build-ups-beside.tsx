"use client"
import { layerCautions } from "../../core/ledger/cautions"
import { type Kind, printQuantity, printWithUnit } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"
import { materialOf, withOwnMaterials } from "../../core/material/catalogue"
import { sum } from "../../core/numeric/sum"
import type { SlabEdge } from "../../schema/job/build-up"
import type { OwnMaterials } from "../../schema/job/job"
import { printAirLayer } from "../materials/figures"
import { useJob } from "../job/job-store"
import { SideBySide } from "../primitives/side-by-side"
import type { Candidate } from "./candidates"

interface Props {
  /** What is worn now first. */
  candidates: readonly Candidate[]
  onTake: (candidate: Candidate) => void
  onAway: (id: string) => void
}

const withUnit = (kind: Kind, of: (candidate: Candidate) => number) => (candidate: Candidate, units: UnitSystem) =>
  printWithUnit(kind, of(candidate), units)

/** All figures by which build-ups are compared: of the face, then of the whole enclosure. */
const LINES: readonly { name: string; of: (candidate: Candidate, units: UnitSystem) => string }[] = [
  {
    name: "layers, outside to inside",
    of: ({ face, assembly: { edge }, materials }, units) =>
      [
        ...face.layers.map(
          ({ layer, material }) => `${printQuantity("length", layer.thickness, units).text} ${material.name.toLowerCase()}`,
        ),
        ...(edge ? [edgeWords(edge, materials, units)] : []),
      ].join(" · "),
  },
  { name: "thickness", of: withUnit("length", ({ face }) => face.winter.thickness) },
  {
    name: "R: label, centre, built",
    of: ({ face }, units) =>
      [face.label, face.centre, face.whole].map((value) => printQuantity("resistance", value, units).text).join(" · "),
  },
  { name: "U, members in", of: withUnit("transmittance", ({ face }) => face.transmittance) },
  { name: "weight added", of: withUnit("arealMass", ({ face }) => face.mass) },
  { name: "price", of: withUnit("arealMoney", ({ face }) => face.price) },
  { name: "vapour resistance, sd", of: ({ face }) => `${printAirLayer(sum(face.layers.map(({ airLayer }) => airLayer)))} m` },
  { name: "damp, first look", of: ({ face }) => face.damp.verdict.short },
  {
    name: "cautions",
    of: ({ face }) =>
      layerCautions(face.layers)
        .map((caution) => caution.split(":")[0])
        .join(" · ") || "none of its own",
  },
  { name: "whole: loss, worst night", of: withUnit("power", ({ ledger }) => ledger.loss.total) },
  { name: "whole: gain, hottest hour", of: withUnit("power", ({ ledger }) => ledger.gain.total) },
  { name: "whole: a year, no sun counted", of: withUnit("energy", ({ ledger }) => ledger.year.total) },
  { name: "whole: height left", of: withUnit("length", ({ ledger }) => ledger.clear.standing) },
  { name: "whole: weight added", of: withUnit("mass", ({ ledger }) => ledger.weight) },
  { name: "whole: money", of: withUnit("money", ({ ledger }) => ledger.money) },
]

function edgeWords({ kind, reach, thickness, material }: SlabEdge, own: OwnMaterials, units: UnitSystem): string {
  const { name } = materialOf(material, withOwnMaterials(own))
  const [thick, far] = [thickness, reach].map((length) => printQuantity("length", length, units).text)
  return `along the slab’s edge ${thick} ${name.toLowerCase()}, ${far} ${kind === "vertical" ? "deep" : "wide"}`
}

/** Build-ups side by side with all their figures. */
export function BuildUpsBeside({ candidates, onTake, onAway }: Props) {
  const { units } = useJob()
  return (
    <SideBySide
      columns={candidates.map((one) => ({
        id: one.id,
        name: one.assembly.name,
        ...(one.id === "now" ? { note: "now" } : { onAway: () => onAway(one.id), take: { words: "Wear", onTake: () => onTake(one) } }),
      }))}
      lines={LINES.map(({ name, of }) => ({ name, texts: candidates.map((one) => of(one, units)) }))}
    />
  )
}
