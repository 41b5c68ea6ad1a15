"use client"
import { inSentence } from "../../../core/in-sentence"
import { v4 as newId } from "uuid"
import { membersOf } from "../../../core/assembly/build-up"
import { framingOn } from "../../../core/shell/framing"
import { addMembers } from "../../../edit/assembly-edits"
import { useJob, useJobStore } from "../../job/job-store"
import { SelectField } from "../../primitives/fields"
import { useChosenFace } from "../use-figures"
import { membersInMarket } from "../../../edit/start/market"
import { FRESH_MEMBERS } from "../members/fresh-members"
import { MemberFields } from "../members/member-fields"
import { useWriting } from "../../writing/writing"

/** Studs, ribs, girts, purlins, joists and battens of the chosen face. */
export function FaceMembers() {
  const { write, units } = useWriting()
  const { shell } = useJob()
  const store = useJobStore()
  const figures = useChosenFace()
  const sets = membersOf(figures.layers)
  const bare = figures.layers.filter(({ layer }) => layer.between === null)
  return (
    <section aria-label="Members of the face" className="grid gap-3">
      <h2 className="font-display text-[15px] font-semibold">Members of the {inSentence(figures.name)}</h2>
      {sets.map(({ id, set }) => (
        <details key={id} className="border-b border-seam pb-1">
          <summary>
            <span className="font-semibold">{set.name}</span>
            <span className="text-graphite">
              , {set.direction === "up" ? "up" : "along"} · {write("percent", framingOn(shell, figures, set).drawn)} of the face
            </span>
          </summary>
          <MemberFields figures={figures} id={id} set={set} />
        </details>
      ))}
      {sets.length === 0 ? <p className="text-graphite">Its build-up has none: every layer runs on.</p> : null}
      {bare.length > 0 ? (
        <div className="w-1/2">
          <SelectField
            label="Put members into a layer"
            value=""
            options={[
              { value: "", name: "choose a layer and what stands in it" },
              ...bare.flatMap(({ id, material }) =>
                FRESH_MEMBERS.map(({ value, name }) => ({
                  value: `${id} ${value}`,
                  name: `${inSentence(material.name)}: ${name.replace("new: ", "")}`,
                })),
              ),
            ]}
            onChange={(text) => {
              const [layer, kind] = text.split(" ")
              const fresh = FRESH_MEMBERS.find(({ value }) => value === kind)
              if (fresh) store.edit(addMembers(figures.assembly, `m-${newId().slice(0, 8)}`, membersInMarket(fresh.set, units), layer!))
            }}
          />
        </div>
      ) : null}
      <p className="text-graphite">Members belong to the build-up that the face uses; places typed one by one are this face’s own.</p>
    </section>
  )
}
