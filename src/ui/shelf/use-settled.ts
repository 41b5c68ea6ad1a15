"use client"
import { useEffect, useState } from "react"
import type { ShelfJob } from "../../core/ledger/job-summary"
import { call } from "../job/api"

/** Why the figures of a job are not there. */
type Failure = { head: string; message: string }

/**
 * Has the figures of jobs worked out by the server, one job after the other.
 * @returns the jobs with all that is known of them, and why some have none
 */
export function useSettled(jobs: readonly ShelfJob[]): { jobs: ShelfJob[]; failed: ReadonlyMap<string, string> } {
  const [settled, setSettled] = useState<ReadonlyMap<string, ShelfJob>>(new Map())
  const [failures, setFailures] = useState<ReadonlyMap<string, Failure>>(new Map())
  const known = (job: ShelfJob): ShelfJob => {
    const found = settled.get(job.id)
    return found?.head === job.head ? found : job
  }
  const current = jobs.map(known)
  const failed = new Map(current.flatMap(({ id, head }) => (failures.get(id)?.head === head ? [[id, failures.get(id)!.message]] : [])))
  const next = current.find(({ id, summary }) => summary.figures === null && !failed.has(id))
  const [id, head] = [next?.id, next?.head]
  useEffect(() => {
    if (id === undefined || head === undefined) return
    let wanted = true
    void call<ShelfJob>("GET", `/api/jobs/${id}/summary`).then((answer) => {
      if (!wanted) return
      if (answer.ok && answer.value.head === head) setSettled((before) => new Map(before).set(id, answer.value))
      else setFailures((before) => new Map(before).set(id, { head, message: answer.ok ? CHANGED : answer.error.message }))
    })
    return () => {
      wanted = false
    }
  }, [id, head])
  return { jobs: current, failed }
}

const CHANGED = "This job was changed in another window; load the page anew."
