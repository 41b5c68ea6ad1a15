"use client"
import { useState } from "react"
import { axleLoads, centreOfMass, faceMasses } from "../../../core/takeoff/added-mass"
import { inSentence } from "../../../core/in-sentence"
import { sum } from "../../../core/numeric/sum"
import type { SheetPlan } from "../../../core/takeoff/sheet-plan"
import { layerMoney } from "../../../core/takeoff/shopping"
import { setBuying } from "../../../edit/sheet-edits"
import { useJobStore } from "../../job/job-store"
import { useJobLater, useLedgerLater } from "../../job/use-ledger"
import { QuantityField } from "../../primitives/fields"
import { FigureTable } from "../../primitives/figure-table"
import { Remark } from "../../primitives/remark"
import { Unfolding } from "../../primitives/unfolding"
import { useChosenFaceLater } from "../use-figures"
import { useWriting } from "../../writing/writing"

/** What is added weighs by face, where its centre lies, and what that is on each axle. */
export function Weights({ plan }: { plan: SheetPlan | null }) {
  return (
    <div className="border-t border-seam pt-3">
      <Unfolding words="Weight and money by face, and where the weight’s centre lies">{() => <Told plan={plan} />}</Unfolding>
    </div>
  )
}

function Told({ plan }: { plan: SheetPlan | null }) {
  const { write, length } = useWriting()
  const job = useJobLater()
  const { surfaces, bill } = useLedgerLater()
  const { kind, limits } = job.brief
  const faces = faceMasses(job.shell, surfaces)
  const layers = plan && layerMoney(surfaces, bill, plan)
  const moneyOf = (face: string) => sum((layers ?? []).map(({ surface, money }) => (surface === face ? money : 0)))
  const chosen = useChosenFaceLater()
  const centre = centreOfMass(faces)
  if (!centre) return <p className="pt-2">Nothing is added that weighs anything.</p>
  const [x, y] = centre.at
  const { length: long, width } = job.shell.form
  const aside = y - width / 2
  const left = limits.weight === null ? null : limits.weight - centre.mass
  return (
    <div className="grid grid-cols-1 gap-2 pt-2" data-testid="weights">
      <FigureTable
        caption="What is added to each face"
        heads={["face", "weight added", "money, what is left over counted in"]}
        rows={faces.map(({ face, name, mass }) => ({
          key: face,
          cells: [name, write("mass", mass), layers ? write("money", moneyOf(face)) : "…"],
        }))}
      />
      {layers ? (
        <FigureTable
          caption={`Of it the ${inSentence(chosen.name)}, layer by layer, outside to inside`}
          heads={["layer, with what stands in it", "weight added", "money, what is left over counted in"]}
          rows={layers
            .filter(({ surface }) => surface === chosen.id)
            .map(({ layer, mass, money }) => ({
              key: layer ?? "edge",
              cells: [
                chosen.layers.find(({ id }) => id === layer)?.material.name ?? "Along the slab’s edge",
                write("mass", mass),
                write("money", money),
              ],
            }))}
        />
      ) : null}
      <p>
        {write("mass", centre.mass)} in all
        {left === null
          ? ""
          : left >= 0
            ? `, ${write("mass", left)} under the limit of the brief`
            : `, ${write("mass", -left)} over the limit of the brief`}
        . Its centre lies {length(x)} from the back, of {length(long)}, and{" "}
        {Math.abs(aside) < 0.001 ? "in the middle" : `${length(Math.abs(aside))} to the ${aside > 0 ? "left" : "right"} of the middle`}.
      </p>
      {kind === "van" || kind === "cabin" ? <Axles mass={centre.mass} x={x} /> : null}
      {kind === "van" || kind === "cabin" ? (
        <Remark kind="caution">
          Only what is added here is counted. Weigh the vehicle as it will drive: its papers say what it and each axle may carry.
        </Remark>
      ) : null}
    </div>
  )
}

/** Where the axles stand, and what of the weight each carries. @param x of the weight's centre, from the back of the room, m */
function Axles({ mass, x }: { mass: number; x: number }) {
  const { write } = useWriting()
  const job = useJobLater()
  const store = useJobStore()
  const { axles } = job.variants[job.active]!.buying
  const [measured, setMeasured] = useState<{ rear?: number; front?: number }>({})
  const loads = axles && axles.front !== axles.rear ? axleLoads(mass, x, axles) : null
  const apart = { code: "out-of-range" as const, path: [], message: "The axles cannot stand at the same place." }
  // One axle alone tells nothing: it waits here until the other is measured too.
  const known = { ...(axles ?? measured) }
  const setAxle = (which: "rear" | "front") => (value: number | null) => {
    const next: { rear?: number | null; front?: number | null } = { ...known, [which]: value }
    const { rear = null, front = null } = next
    if (rear === null || front === null) {
      setMeasured({ ...(rear === null ? {} : { rear }), ...(front === null ? {} : { front }) })
      return axles ? store.edit(setBuying({ axles: null })) : null
    }
    return front === rear ? apart : store.edit(setBuying({ axles: { rear, front } }))
  }
  return (
    <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2">
      <QuantityField
        label="Rear axle, from the back of the room"
        kind="length"
        value={known.rear ?? null}
        empty={null}
        onCommit={setAxle("rear")}
      />
      <QuantityField
        label="Front axle, from the back of the room"
        kind="length"
        value={known.front ?? null}
        empty={null}
        onCommit={setAxle("front")}
      />
      {loads ? (
        <p className="col-span-2" data-testid="axle-loads">
          Of it the rear axle carries {write("mass", loads.rear)}, the front axle {write("mass", loads.front)}.
        </p>
      ) : (
        <p className="col-span-2 text-graphite">
          {known.rear === undefined && known.front === undefined
            ? "Measure both axles, and their loads are told."
            : `Measure the ${known.rear === undefined ? "rear" : "front"} axle too: one alone tells no load, and is not kept.`}
        </p>
      )}
    </div>
  )
}
