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
  const [tries, setTries] = useState(0)
  const open = current.filter(({ id }) => !failed.has(id))
  // All figures first, then verdicts on damp that go by the months so far.
  const next =
    open.find(({ summary }) => summary.figures === null) ??
    (tries < MOST_TRIES ? open.find(({ summary }) => summary.figures?.damp.soFar) : undefined)
  const [id, head] = [next?.id, next?.head]
  useEffect(() => {
    if (id === undefined || head === undefined) return
    // A shelf that is left, or a job that went on, tells the server to stop.
    const left = new AbortController()
    const until = AbortSignal.any([left.signal, AbortSignal.timeout(PATIENCE)])
    let again: ReturnType<typeof setTimeout> | undefined
    void call<ShelfJob>("GET", `/api/jobs/${id}/summary`, undefined, until).then((answer) => {
      if (left.signal.aborted) return
      if (!answer.ok && answer.error.code === "calculator-busy") again = setTimeout(() => setTries((count) => count + 1), BUSY)
      else if (answer.ok && answer.value.head === head) {
        setSettled((before) => new Map(before).set(id, answer.value))
        setTries((count) => count + 1)
      } else setFailures((before) => new Map(before).set(id, { head, message: answer.ok ? CHANGED : answer.error.message }))
    })
    return () => {
      left.abort()
      clearTimeout(again)
    }
  }, [id, head, tries])
  return { jobs: current, failed }
}

/** Faces that could not be followed by then are told by the months. */
const MOST_TRIES = 300

/** The calculator is asked again after so long, ms. */
const BUSY = 2000

/** Longer than the server works at one, ms: what it says then is true of the job. */
const PATIENCE = 30_000

const CHANGED = "This job was changed in another window; load the page anew."
