import type { Ventilation } from "../../schema/job/inside"

/** Outdoor air for each person in a room that is to smell fresh, m³/s, by category. @see EN 16798-1:2019, annex B, table B.6 */
export const PER_PERSON = { I: 0.01, II: 0.007, III: 0.004 } as const

/** Outdoor air that is let in, m³/s. */
export const ventilationFlow = ({ perPerson, always }: Ventilation, people: number): number => perPerson * people + always
