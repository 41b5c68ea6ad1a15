"use client"
import { inSentence } from "../../core/in-sentence"
import { Trash2 } from "lucide-react"
import { useState } from "react"
import { toast } from "../primitives/toast"
import type { KeptThing } from "../../schema/kept"
import { KITS } from "../../edit/start/start-job"
import { useKept } from "../library/use-kept"
import { Button, IconButton } from "../primitives/button"
import { TypedField } from "../primitives/fields"

const nameOf = (thing: KeptThing) => (thing.format === "pelzhaus-material" ? thing.material.name : thing.assembly.name)

const wordsOf = (thing: KeptThing) =>
  thing.format === "pelzhaus-material"
    ? `material of your own, ${thing.material.class}`
    : `build-up of ${thing.assembly.order.length} layers, made for a ${inSentence(KITS[thing.kind].label)}`

const renamed = (thing: KeptThing, name: string): KeptThing =>
  thing.format === "pelzhaus-material"
    ? { ...thing, material: { ...thing.material, name } }
    : { ...thing, assembly: { ...thing.assembly, name } }

/** Build-ups and materials that are kept beside the jobs; nothing is shown where nothing is kept. */
export function KeptList() {
  const kept = useKept()
  const [naming, setNaming] = useState<string | null>(null)
  const things = [...kept.buildUps, ...kept.materials]
  const remove = async (id: string, name: string) => {
    const fault = await kept.remove(id, true)
    if (fault) return void toast(fault.message)
    toast(`${name} is off the shelf.`, { duration: 12_000, action: { label: "Undo", onClick: () => void kept.remove(id, false) } })
  }
  if (things.length + kept.unreadable.length === 0) return null
  return (
    <section aria-label="Your own materials and build-ups" className="mt-4 border-t border-ink px-6 py-5">
      <h2 className="font-display text-[20px] leading-7 font-bold">Your own materials and build-ups</h2>
      <ul className="mt-1 max-w-180">
        {things.map(({ id, document }) => {
          const name = nameOf(document)
          return (
            <li key={id} className="flex items-center gap-3 border-b border-seam py-1" data-kept={id}>
              {naming === id ? (
                <div className="grow pb-1">
                  <TypedField
                    autoFocus
                    label="Its name"
                    shown={name}
                    onCommit={(text) => {
                      if (text.trim() === "") return { code: "missing", path: ["name"], message: "It needs a name." }
                      void kept.keep(id, renamed(document, text.trim())).then((fault) => (fault ? toast(fault.message) : setNaming(null)))
                      return null
                    }}
                  />
                </div>
              ) : (
                <>
                  <span className="grow">
                    {name} <span className="text-graphite">· {wordsOf(document)}</span>
                  </span>
                  <Button look="link" aria-label={`Rename ${name}`} onClick={() => setNaming(id)}>
                    rename
                  </Button>
                </>
              )}
              <IconButton name={`Take ${name} off the shelf`} onClick={() => void remove(id, name)}>
                <Trash2 size={16} aria-hidden />
              </IconButton>
            </li>
          )
        })}
      </ul>
      {kept.unreadable.map(({ id, message }) => (
        <p key={id} role="alert" className="mt-2 border-l-[3px] border-clay pl-3">
          Something that is kept cannot be read and stays as it is in the store: {message}
        </p>
      ))}
    </section>
  )
}
