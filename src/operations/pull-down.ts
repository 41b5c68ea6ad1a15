import { pullDown as through } from "../core/dynamic/pull-down"
import { PullDownInput, PullDownOutput } from "../schema/pull-down"
import { operation } from "./operation"

const courseOf = (course: number | [number, number][]): [number, number][] => (typeof course === "number" ? [[0, course]] : course)

/** How long until it is cold, or warm: `npm run calc pulldown`. */
export const pullDown = operation({
  name: "pulldown",
  summary: "how long until it is cold (or warm)",
  input: PullDownInput,
  output: PullDownOutput,
  // Each breakpoint and output time ends a step, and a swing between two of them takes some ten: measured on a slow machine.
  work: ({ contents, outside, output }) => 1 + (courseOf(outside).length + (output?.length ?? 100)) * (0.15 + 0.025 * contents.length),
  run: ({ outside, outsideRelativeHumidity, equipment, duration, output, band, ...room }) => ({
    ...through(
      {
        ...room,
        outside: courseOf(outside),
        outsideRelativeHumidity: outsideRelativeHumidity ?? null,
        capacity: courseOf(equipment.capacity),
      },
      duration,
      output ?? Array.from({ length: 101 }, (_, i) => (i * duration) / 100),
      band,
    ),
    notes: [
      {
        code: "one-node",
        text: "The room's air is one node and each of the contents one lump: a pallet's core follows more slowly than its lump.",
      },
    ],
  }),
})
