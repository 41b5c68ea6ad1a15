"use client"
import { type BuiltMembers, membersOf } from "../../../core/assembly/build-up"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { inSentence } from "../../../core/in-sentence"
import { placeWords } from "../../../core/moisture/damp-verdict"
import type { SectionModel, SectionSaid } from "../../../core/section/section-model"
import { drawsRain } from "../../../core/section/section-sides"
import type { BuiltIn } from "../../../core/section/section-years"
import { SelectField } from "../../primitives/fields"

const BUILT_IN: readonly { value: BuiltIn; name: string }[] = [
  { value: "dry", name: "kiln-dry" },
  { value: "usual", name: "air-dry" },
  { value: "wet", name: "wet from rain or the yard" },
]

const RAIN = [
  { value: "falls", name: "falls on it" },
  { value: "kept", name: "kept off by cladding or roof" },
] as const

/** What a section is followed with beyond what is drawn. */
export interface Said extends SectionSaid {
  builtIn: BuiltIn
}

interface SectionChoicesProps {
  surface: SurfaceFigures
  model: SectionModel
  said: Said
  onSay: (said: Said) => void
}

/** How damp it is built in, whether rain falls on it, where air leaks in, and whether it goes through the timber. */
export function SectionChoices({ surface, model, said, onSay }: SectionChoicesProps) {
  const { layers } = surface
  const dropped = layers.length - model.layers.length
  const timber = membersOf(layers).filter(({ stuffs }) => stuffs.stuff.class === "wood")
  const joints = layers.slice(dropped, -1).map((_, i) => dropped + i)
  return (
    <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2 narrow:grid-cols-1">
      <SelectField
        label="Wood and boards are built in"
        value={said.builtIn}
        options={BUILT_IN}
        onChange={(builtIn) => onSay({ ...said, builtIn })}
      />
      {timber.length > 0 ? (
        <SelectField
          label="Followed"
          value={said.through ?? BESIDE}
          options={[{ value: BESIDE, name: "beside the members" }, ...timber.map((one) => ({ value: one.id, name: throughWords(one) }))]}
          onChange={(set) => onSay({ ...said, through: set === BESIDE ? null : set })}
        />
      ) : null}
      {surface.face.part === "floor" || joints.length === 0 ? null : (
        <SelectField
          label="Inside air leaks"
          value={String(said.leak)}
          options={[
            { value: "null", name: "to the first cold joint" },
            { value: "-1", name: "nowhere" },
            ...joints.map((outer) => ({ value: String(outer), name: placeWords({ outer, inner: outer + 1 }, layers) })),
          ]}
          onChange={(leak) => onSay({ ...said, leak: leak === "null" ? null : Number(leak) })}
        />
      )}
      {drawsRain(model) ? (
        <SelectField
          label={`Rain on the ${inSentence(layers[dropped]!.material.name)}`}
          value={model.rain ? "falls" : "kept"}
          options={RAIN}
          onChange={(rain) => onSay({ ...said, rain: rain === "falls" })}
        />
      ) : null}
    </div>
  )
}

const BESIDE = ""

const throughWords = ({ set, stuffs }: BuiltMembers): string => `through ${inSentence(set.name)}, ${inSentence(stuffs.stuff.name)}`
