"use client"
import { inSentence } from "../../core/in-sentence"
import { HEADLINES, isAbout } from "../../core/ledger/headlines"
import { massOfLayers, priceOfLayers } from "../../core/takeoff/content"
import { layerCautions } from "../../core/ledger/cautions"
import { type Kind } from "../../core/quantity/measure"
import { useWriting, type Writing } from "../writing/writing"
import { materialOf, withOwnMaterials } from "../../core/material/catalogue"
import { sum } from "../../core/numeric/sum"
import type { SlabEdge } from "../../schema/job/build-up"
import type { OwnMaterials } from "../../schema/job/job"
import { SideBySide } from "../primitives/side-by-side"
import type { Candidate } from "./candidates"

interface Props {
  /** What is worn now first. */
  candidates: readonly Candidate[]
  onTake: (candidate: Candidate) => void
  onAway: (id: string) => void
}

const withUnit =
  (kind: Kind, of: (candidate: Candidate) => number) =>
  (candidate: Candidate, { write }: Writing) =>
    write(kind, of(candidate))

/** All figures by which build-ups are compared: of the face, then of the whole enclosure. */
const LINES: readonly { name: string; of: (candidate: Candidate, writing: Writing) => string }[] = [
  {
    name: "layers, outside to inside",
    of: ({ face, assembly: { edge }, materials }, writing) =>
      [
        ...face.layers.map(({ layer, material }) => `${writing.figure("length", layer.thickness)} ${inSentence(material.name)}`),
        ...(edge ? [edgeWords(edge, materials, writing)] : []),
      ].join(" · "),
  },
  { name: "thickness", of: withUnit("length", ({ face }) => face.winter.thickness) },
  {
    name: "R: label, between members, whole",
    of: ({ face }, writing) =>
      [face.declaredResistance, face.cavityResistance, face.totalResistance]
        .map((value) => writing.figure("resistance", value))
        .join(" · "),
  },
  { name: "U, with framing", of: withUnit("transmittance", ({ face }) => face.transmittance) },
  { name: "weight added", of: withUnit("arealMass", ({ face }) => massOfLayers(face.layers)) },
  { name: "price", of: withUnit("arealMoney", ({ face }) => priceOfLayers(face.layers)) },
  {
    name: "resists vapour, all its layers",
    of: ({ face }, writing) => writing.write("vapourResistance", sum(face.layers.map(({ equivalentAirLayer }) => equivalentAirLayer))),
  },
  {
    name: "damp",
    of: ({ face, ledger }) => {
      const { verdict, awaited } = ledger.moisture[face.id]!
      return `${verdict.words}${awaited.length > 0 ? ", by the months so far" : ""}`
    },
  },
  {
    name: "cautions",
    of: ({ face }) =>
      layerCautions(face.layers)
        .map((caution) => caution.split(":")[0])
        .join(" · ") || "none of its own",
  },
  ...HEADLINES.filter(({ verdict }) => !verdict).map((headline) => ({
    name: `whole: ${headline.name}`,
    of: ({ ledger }: Candidate, { write }: Writing) =>
      `${isAbout(headline, ledger) ? "≈ " : ""}${write(headline.kind, headline.of(ledger))}`,
  })),
]

function edgeWords({ kind, reach, thickness, material }: SlabEdge, own: OwnMaterials, writing: Writing): string {
  const { name } = materialOf(material, withOwnMaterials(own))
  const [thick, far] = [thickness, reach].map((length) => writing.figure("length", length))
  return `along the slab’s edge ${thick} ${inSentence(name)}, ${far} ${kind === "vertical" ? "deep" : "wide"}`
}

/** Build-ups side by side with all their figures. */
export function BuildUpsBeside({ candidates, onTake, onAway }: Props) {
  const writing = useWriting()
  return (
    <SideBySide
      columns={candidates.map((one) => ({
        id: one.id,
        name: one.assembly.name,
        ...(one.id === "now" ? { note: "now" } : { onAway: () => onAway(one.id), take: { words: "Use", onTake: () => onTake(one) } }),
      }))}
      lines={LINES.map(({ name, of }) => ({ name, texts: candidates.map((one) => of(one, writing)) }))}
    />
  )
}
