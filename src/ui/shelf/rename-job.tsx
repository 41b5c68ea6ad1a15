"use client"
import { v4 as newId } from "uuid"
import { setName } from "../../edit/brief-edits"
import { applyEdit } from "../../edit/apply-edit"
import type { ShelfJob } from "../../schema/change"
import type { Fault } from "../../schema/outcome"
import { call } from "../job/api"
import { Dialog } from "../primitives/dialog"
import { TypedField } from "../primitives/fields"

interface Props {
  job: ShelfJob
  /** Hears the server's answer, if the name was changed. */
  onRenamed: (answer: ReturnType<typeof call>) => void
  onClose: () => void
}

/** Asks for another name of a job on the shelf. */
export function RenameJob({ job: { id, head, document: job }, onRenamed, onClose }: Props) {
  const rename = (name: string): Fault | null => {
    const result = applyEdit(job, setName(name.trim()))
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
    <Dialog open onClose={onClose} title={`Rename ${job.name}`}>
      <TypedField label="Name" shown={job.name} onCommit={rename} autoFocus />
      <p className="mt-2 text-dense text-graphite">Enter keeps it.</p>
    </Dialog>
  )
}
