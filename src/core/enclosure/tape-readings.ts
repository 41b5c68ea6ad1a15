import { type Form, measureOf } from "../../schema/job/form"
import type { Reading } from "../../schema/job/shell"
import { measureInside, measureOverAll } from "../shell/size"
import { liningsOf } from "./linings"
import type { JobState } from "./job-state"

/** Below this a tape and the shell say the same, m. */
const TAPE = 0.0025

/** What a tape held there would say of the shell as it is, m. */
export function tapeWouldSay(state: JobState, { dimension, held }: Pick<Reading, "dimension" | "held">): number {
  const { form } = state.shell
  return held === "outside" ? measureOf(form, dimension)! : measureInside(form, dimension, liningsOf(state, held))
}

/**
 * The form that follows from readings of the tape, each from where it was held.
 * A height under a sloping roof depends on the width beside it: readings taken together are laid in until they all hold.
 */
export function formFrom(state: JobState, readings: readonly Reading[]): Form {
  let { form } = state.shell
  for (let round = 0; round < (readings.length > 1 ? 8 : 1); round++)
    for (const { dimension, held, value } of readings)
      form = { ...form, [dimension]: held === "outside" ? value : measureOverAll(form, dimension, liningsOf(state, held), value) }
  return form
}

/** A reading of the tape beside what the shell would give there, m. */
export interface ReadingCheck {
  id: string
  reading: Reading
  shell: number
  /** Shell less reading; 0 where they agree as far as a tape can tell. */
  difference: number
}

/** Every reading that is kept, held against the shell as it is. */
export function checkReadings(state: JobState): ReadingCheck[] {
  return Object.entries(state.shell.readings).map(([id, reading]) => {
    const shell = tapeWouldSay(state, reading)
    const difference = shell - reading.value
    return { id, reading, shell, difference: Math.abs(difference) <= TAPE ? 0 : difference }
  })
}
