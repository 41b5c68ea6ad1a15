"use client"
import { Plus, Trash2 } from "lucide-react"
import type { Energy, Machine } from "../../../schema/job/plant"
import type { Fault } from "../../../schema/outcome"
import { fieldsOf } from "../../fields/fields-of"
import { Button, IconButton } from "../../primitives/button"

const ENERGY: Readonly<Record<Energy, string>> = { electricity: "electricity", diesel: "diesel", gas: "gas", wood: "wood" }

/** How far from its last point a new one begins, K. */
const FURTHER = 5
/** Most points of a curve. */
const MOST = 12

/** A machine as its maker's sheet tells it: what it runs on, and what it gives as the airs on both sides change. */
export function MachineFields({ machine, change }: { machine: Machine; change: (to: Machine) => Fault | null }) {
  const fields = fieldsOf(machine, (part) => change({ ...machine, ...part }))
  return (
    <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 pt-1 pb-3 narrow:grid-cols-2">
      {fields.text("name", "Name of the machine")}
      {fields.choice("energy", "It runs on", ENERGY)}
      {fields.quantity("fan", "power", "Power of its fan and pump")}
      {fields.quantity("least", "percent", "It can run down to")}
      <Curve
        name="by the air outdoors"
        points={machine.outdoors}
        least={1}
        write={(outdoors) => change({ ...machine, outdoors })}
        row={(point, set) => {
          const { quantity } = fieldsOf(point, set)
          return (
            <>
              {quantity("temperature", "temperature", "At")}
              {quantity("output", "percent", "Of its output")}
              {quantity("performance", "ratio", "Heat for energy")}
            </>
          )
        }}
        fresh={(last) => last ?? { temperature: 0, output: 1, performance: 1 }}
      />
      <Curve
        name="by the room; none where it is all one to it"
        points={machine.room}
        least={0}
        write={(room) => change({ ...machine, room })}
        row={(point, set) => {
          const { quantity } = fieldsOf(point, set)
          return (
            <>
              {quantity("temperature", "temperature", "Room at")}
              {quantity("output", "percent", "Of that output")}
            </>
          )
        }}
        fresh={(last) => last ?? { temperature: 20, output: 1 }}
      />
    </div>
  )
}

interface CurveProps<P extends { temperature: number }> {
  name: string
  points: readonly P[]
  least: number
  write: (points: P[]) => Fault | null
  row: (point: P, set: (part: Partial<P>) => Fault | null) => React.ReactNode
  fresh: (last: P | undefined) => P
}

/** Points of a curve, by rising temperature. */
function Curve<P extends { temperature: number }>({ name, points, least, write, row, fresh }: CurveProps<P>) {
  const last = points.at(-1)
  return (
    <section className="col-span-full" aria-label={`Output ${name}`}>
      <div className="flex items-end justify-between gap-3">
        <h3 className="font-semibold">Output {name}</h3>
        {points.length < MOST ? (
          <Button onClick={() => void write([...points, { ...fresh(last), ...(last ? { temperature: last.temperature + FURTHER } : {}) }])}>
            <Plus size={14} aria-hidden className="mr-1 inline" />
            Point
          </Button>
        ) : null}
      </div>
      <ul>
        {points.map((point, i) => (
          <li key={i} className="flex items-end gap-3 py-1">
            <div className="grid grow grid-cols-3 gap-x-4">
              {row(point, (part) => write(points.map((one, j) => (j === i ? { ...one, ...part } : one))))}
            </div>
            {points.length > least ? (
              <IconButton name={`Remove point ${i + 1}`} onClick={() => void write(points.filter((_, j) => j !== i))}>
                <Trash2 size={16} aria-hidden />
              </IconButton>
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  )
}
