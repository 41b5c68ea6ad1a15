import { current } from "immer"
import type { Job } from "../schema/job/job"
import { edit } from "./edit"

/** A new variant that starts as a copy of the one being worked on. */
export const addVariant = (id: string, name: string) =>
  edit(`Variant ${name}`, (job) => {
    // A copy all through, so that an edit may go on with it.
    job.variants[id] = { ...structuredClone(current(job.variants[job.active]!)), name }
    job.order.push(id)
    job.active = id
  })

export const setActive = (id: string) => edit("Go to another variant", (job) => void (job.active = id))

export const renameVariant = (id: string, name: string) => edit(`Name ${name}`, (job) => void (job.variants[id]!.name = name))

/** The last variant stays: a job without one would have nothing to reckon. */
export const removeVariant = (id: string) =>
  edit("Remove a variant", (job) => {
    if (job.order.length === 1) return
    job.order = job.order.filter((other) => other !== id)
    delete job.variants[id]
    if (job.active === id) job.active = job.order[0]!
  })

/** Freezes the present state to compare with. */
export const pin = (name: string) =>
  edit("Pin this state", (job) => {
    const { brief, shell, variants, active, materials } = current(job)
    job.pinned = { name, brief, shell, variant: variants[active]!, materials }
  })

export const unpin = () => edit("Stop comparing", (job) => void (job.pinned = null))

/** The whole job as another window has it, laid over what is stored. */
export const takeOver = (document: Job) => edit("Taken over from another window", (job) => void Object.assign(job, document))
