/** An assumption that was made, or a limit of a method that was passed: a code for programs, words for people. */
export interface Note {
  code: string
  text: string
}

/** An operation's output as the core has it, its notes with their codes. */
export type Noted<T> = Omit<T, "notes"> & { notes: Note[] }

/** A note where something holds, else none. */
export const noteIf = (holds: boolean, code: string, text: string): Note[] => (holds ? [{ code, text }] : [])
