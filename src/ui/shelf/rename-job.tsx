"use client"
import { useEffect, useState } from "react"
import { v4 as newId } from "uuid"
import { setName } from "../../edit/brief-edits"
import { applyEdit } from "../../edit/apply-edit"
import type { OpenJob } from "../../schema/change"
import type { Fault } from "../../schema/outcome"
import { call } from "../job/api"
import { Dialog } from "../primitives/dialog"
import { TypedField } from "../primitives/fields"
import { Refusal } from "../primitives/refusal"

interface Props {
  id: string
  name: string
  /** Hears the server's answer, if the name was changed. */
  onRenamed: (answer: ReturnType<typeof call>) => void
  onClose: () => void
}

/** Asks for another name of a job on the shelf. */
export function RenameJob({ id, name, onRenamed, onClose }: Props) {
  const [open, setOpen] = useState<OpenJob | null>(null)
  const [error, setError] = useState<string | null>(null)
  useEffect(() => {
    void call<OpenJob>("GET", `/api/jobs/${id}`).then((answer) => (answer.ok ? setOpen(answer.value) : setError(answer.error.message)))
  }, [id])
  const rename = ({ document, head }: OpenJob, text: string): Fault | null => {
    const result = applyEdit(document, setName(text.trim()))
    if (!result.ok) return result.error
    if (result.value) {
      const { patches, inverse, label } = result.value
      const revision = { id: newId(), parent: head, label, patches, inverse }
      onRenamed(call("POST", `/api/jobs/${id}/changes`, { changes: [{ kind: "edit", revision }] }))
    }
    onClose()
    return null
  }
  return (
    <Dialog open onClose={onClose} title={`Rename ${name}`}>
      {open ? <TypedField label="Name" shown={open.document.name} onCommit={(text) => rename(open, text)} autoFocus /> : null}
      <Refusal>{error}</Refusal>
      <p className="mt-2 text-dense text-graphite">Enter keeps it.</p>
    </Dialog>
  )
}
