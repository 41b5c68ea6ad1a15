import type { Machine } from "../../schema/job/plant"
import { onCurve } from "../numeric/curve"

/** What a machine does at the airs on both sides of it, °C. */
export interface MachineAt {
  /** Share of its rated output that it can give. */
  output: number
  /** Heat that it moves for each unit of energy that it takes. */
  performance: number
}

/** A machine of which nothing is said gives its rated output in all weather, and takes as much as it gives. */
const UNSAID: MachineAt = { output: 1, performance: 1 }

type Points = readonly (readonly [x: number, y: number])[]

/** Output along its curve; beyond it goes on straight where it falls, and is held where it would rise, so that nothing is promised. */
function outputAlong(points: Points, x: number): number {
  const held = onCurve(points, x)
  const [one, two] = x < points[0]![0] ? points.slice(0, 2) : points.slice(-2)
  if (!two || (x >= points[0]![0] && x <= points.at(-1)![0])) return held
  const straight = one![1] + ((x - one![0]) / (two[0] - one![0])) * (two[1] - one![1])
  return Math.max(0, Math.min(held, straight))
}

/** Goes along the curves of a machine, which are laid out once. */
export function machineCurves(machine: Machine | null): (outdoors: number, room: number) => MachineAt {
  if (!machine) return () => UNSAID
  const output = machine.outdoors.map(({ temperature, output }) => [temperature, output] as const)
  const performance = machine.outdoors.map(({ temperature, performance }) => [temperature, performance] as const)
  const byRoom = machine.room.map(({ temperature, output }) => [temperature, output] as const)
  return (outdoors, room) => ({
    output: outputAlong(output, outdoors) * (byRoom.length > 0 ? outputAlong(byRoom, room) : 1),
    performance: onCurve(performance, outdoors),
  })
}

/**
 * What a machine can give, W.
 * @param rated output, W; null: as much as is asked of it
 */
export const outputOf = (machine: Machine | null, rated: number | null, outdoors: number, room: number): number | null =>
  rated === null ? null : rated * machineCurves(machine)(outdoors, room).output

/** °C of the coldest room that a machine is told for; null where the room is all one to it. */
export const coldestRoom = ({ room }: Machine): number | null => room[0]?.temperature ?? null
