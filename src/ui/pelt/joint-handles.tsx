"use client"
import { type KeyboardEvent, useState } from "react"
import { boardJoints, type BoardJoint } from "../../core/laying/board-joints"
import type { Face } from "../../core/shell/face"
import { STEPS } from "../../core/shell/snapping"
import type { LaidLayer } from "../../core/takeoff/laid-layers"
import { freeJoint, lockJoint } from "../../edit/sheet-edits"
import type { LockedJoint } from "../../schema/job/build-up"
import { useDrag } from "../drawings/use-drag"
import { useJobStore } from "../job/job-store"
import { useWriting } from "../writing/writing"
import { outlineOn, wayOn, type View } from "./pelt-view"

/** A joint is so near to a lock that it is it, m. */
const SAME = 1e-4

interface Props {
  layer: LaidLayer
  face: Face
  locked: readonly LockedJoint[]
  view: View
}

/** Joints of the chosen face under the hand: a joint that is moved stays where it is put, and the rest settles again; pressed it is freed, or locked as it lies. */
export function JointHandles({ layer, face, locked, view }: Props) {
  const { length, units } = useWriting()
  const store = useJobStore()
  const [moved, setMoved] = useState<{ joint: BoardJoint; at: number } | null>(null)
  const { course } = layer
  const lockOf = ({ course: row, at }: LockedJoint) => locked.find((lock) => lock.course === row && Math.abs(lock.at - at) < SAME) ?? null
  // Along a course a joint moves up where boards stand, between courses the other way.
  const upward = (joint: BoardJoint) => (course === "up") === (joint.course !== null)
  const step = STEPS[units].hand
  const put = (joint: BoardJoint, at: number) => {
    const onStep = Math.round(at / STEPS[units].fine) * STEPS[units].fine
    store.edit(lockJoint(layer, layer.face, course, { course: joint.course, at: onStep }, lockOf(joint)))
  }
  const placeOf = (joint: BoardJoint, by: readonly [number, number]) => {
    const [x, y] = wayOn(face.place, by, view.scale)
    return Math.max(0, joint.at + (upward(joint) ? y : x))
  }
  const press = (joint: BoardJoint) => {
    const lock = lockOf(joint)
    if (lock) store.edit(freeJoint(layer, layer.face, lock))
    else put(joint, joint.at)
  }
  const { handlers } = useDrag<BoardJoint>({
    onMove: (joint, by) => setMoved({ joint, at: placeOf(joint, by) }),
    onDrop: (joint, by) => {
      setMoved(null)
      put(joint, placeOf(joint, by))
    },
    onTap: press,
    onCancel: () => setMoved(null),
  })
  const onKey = (joint: BoardJoint) => (event: KeyboardEvent) => {
    const way = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key]
    if (way === undefined && event.key !== "Enter" && event.key !== " ") return
    event.preventDefault()
    event.stopPropagation()
    if (way === undefined) press(joint)
    else put(joint, Math.max(0, joint.at + way * step))
  }
  return (
    <g className="pointer-events-auto">
      {boardJoints(layer.pieces, course).map((joint, i) => {
        const at = moved?.joint === joint ? moved.at : joint.at
        const by = at - joint.at
        const shift = ([x, y]: readonly [number, number]) => (upward(joint) ? ([x, y + by] as const) : ([x + by, y] as const))
        const [a, b] = outlineOn(face, [shift(joint.from), shift(joint.to)], view)
        const lock = lockOf(joint)
        const [x, y] = [(a![0] + b![0]) / 2, (a![1] + b![1]) / 2]
        const d = `M${a!.join(" ")}L${b!.join(" ")}`
        return (
          <g
            key={`${joint.course} ${i}`}
            role="slider"
            tabIndex={0}
            aria-label={
              joint.course === null
                ? `Joint between rows, ${lock ? "locked" : "free"}`
                : `Joint in row ${joint.course + 1}, ${lock ? "locked" : "free"}`
            }
            aria-valuemin={0}
            aria-valuemax={200_000}
            aria-valuenow={Math.round(joint.at * 1000)}
            aria-valuetext={`${length(joint.at)}, ${lock ? "locked" : "free"}`}
            data-joint={joint.course ?? "between"}
            data-locked={lock ? true : undefined}
            className="group cursor-move touch-none"
            onKeyDown={onKey(joint)}
            {...handlers(joint)}
          >
            <path d={d} stroke="transparent" strokeWidth={11} />
            <path
              d={d}
              stroke="var(--spruce)"
              strokeWidth={lock || by !== 0 ? 2.4 : 0}
              className="group-hover:[stroke-width:2.4px] group-focus-visible:[stroke-width:3px]"
            />
            {lock ? (
              <g transform={`translate(${x} ${y})`}>
                <circle r={8.5} fill="var(--sheet)" stroke="var(--spruce)" strokeWidth={1.4} />
                <path
                  d="M-3.6 -0.6h7.2v4.6h-7.2zM-2.2 -0.6v-1.6a2.2 2.2 0 0 1 4.4 0v1.6"
                  fill="var(--spruce)"
                  fillOpacity={0.25}
                  stroke="var(--spruce)"
                  strokeWidth={1.2}
                />
              </g>
            ) : null}
          </g>
        )
      })}
    </g>
  )
}
