"use client"
import type { Stuff } from "../../../core/takeoff/boarding"
import type { SheetPlan, StuffPlan } from "../../../core/takeoff/sheet-plan"
import { inSentence } from "../../../core/in-sentence"
import { useJobStore } from "../../job/job-store"
import { Remark } from "../../primitives/remark"
import { Tabs } from "../../primitives/tabs"
import { useWriting } from "../../writing/writing"
import { CutSheets } from "./cut-sheets"
import { cuttingTime, MINUTES_A_CUT, stuffWords } from "./plan-words"
import { PieceList } from "./piece-list"
import { SaveDrawing } from "./save-drawing"
import { SheetChoices } from "./sheet-choices"
import { Shopping } from "./shopping"
import { Weights } from "./weights"
import { useChosenBoards, useSheets, useSheetsMade } from "./use-sheets"

/** What boards to buy, how to cut them and where each piece goes. */
export function SheetsStation() {
  const sheets = useSheets()
  const { boarding, plan, fresh } = sheets
  const { stuff, nth } = useChosenBoards(boarding)
  const settled = useSheetsMade(sheets, stuff)
  const found = plan?.stuffs.find((one) => one.stuff === stuff?.key)
  if (!stuff)
    return (
      <div className="station gap-3">
        <h1 className="font-display text-[18px] font-semibold">No boards to cut</h1>
        <p>No face has a layer that is sold in sheets or batts and is still to be bought.</p>
        {plan ? <Shopping boarding={boarding} plan={plan} /> : null}
        <Weights plan={plan} />
      </div>
    )
  return (
    <div className="station gap-3" data-testid="sheets" data-settled={settled && fresh}>
      {plan ? <AllStuffs plan={plan} stuffs={boarding.stuffs} chosen={stuff} /> : null}
      {found ? (
        <>
          <Chosen plan={found} stuff={stuff} waiting={!settled || !fresh} />
          <LayerTabs stuff={stuff} nth={nth} plan={plan!} />
          <Doubts plan={plan!} found={found} stuff={stuff} />
          <CutSheets plan={found} stuff={stuff} />
          <PieceList plan={plan!} found={found} />
          <SaveDrawing found={found} stuff={stuff} plan={plan!} />
        </>
      ) : (
        <p role="status">Boards are being laid …</p>
      )}
      <SheetChoices stuff={stuff} nth={nth} boarding={boarding} />
      {plan ? <Shopping boarding={boarding} plan={plan} /> : null}
      <Weights plan={plan} />
      <Remark kind="remark" title="Before you cut">
        Measure each face again: pieces are as the faces are drawn, and as long as the corner lets the longer of two neighbours be; the
        other is trimmed there. Foam and fibre dust: mask, long sleeves, and air. Tie sheets down outdoors before the wind takes them.
      </Remark>
    </div>
  )
}

interface AllProps {
  plan: SheetPlan
  stuffs: readonly Stuff[]
  chosen: Stuff
}

/** All boards of the job, each a row that can be chosen. */
function AllStuffs({ plan, stuffs, chosen }: AllProps) {
  const store = useJobStore()
  const { write, length } = useWriting()
  return (
    <section aria-label="All boards">
      <div role="radiogroup" aria-label="Boards that are shown" className="text-dense">
        {plan.stuffs.map((one) => {
          const stuff = stuffs.find(({ key }) => key === one.stuff)
          if (!stuff) return null
          const on = stuff.key === chosen.key
          return (
            <button
              key={one.stuff}
              type="button"
              role="radio"
              aria-checked={on}
              className={`grid w-full grid-cols-[1fr_6.5rem_6.5rem_5rem] narrow:grid-cols-[1fr_5rem_4.5rem] gap-2 border-b border-seam py-0.5 text-left tabular-nums ${on ? "bg-chosen font-semibold" : "hover:bg-chosen"}`}
              onClick={() => store.choose({ boards: { stuff: one.stuff, nth: 0 } })}
            >
              <span className="pl-1">
                {stuff.name}, {length(stuff.thickness)}
              </span>
              <span className="text-right">{one.fault ? "not cut" : stuffWords(one.bought, stuff)}</span>
              <span className="text-right narrow:hidden">{one.fault ? "–" : `${write("percent", one.waste)} left`}</span>
              <span className="pr-1 text-right">{one.fault ? "–" : write("money", one.cost)}</span>
            </button>
          )
        })}
      </div>
    </section>
  )
}

function Chosen({ plan, stuff, waiting }: { plan: StuffPlan; stuff: Stuff; waiting: boolean }) {
  const { write, length } = useWriting()
  if (plan.fault)
    return (
      <Remark kind="caution" title={`${stuff.name}, ${length(stuff.thickness)}: not cut`}>
        {plan.fault}
      </Remark>
    )
  const proven = plan.cost <= plan.lowerBound + 0.005
  return (
    <div>
      <h1 className="font-display text-[18px] font-semibold" data-testid="sheets-headline">
        {stuffWords(plan.bought, stuff)} of {inSentence(stuff.name)}, {length(stuff.thickness)}
      </h1>
      <p className="text-graphite">
        {proven
          ? "no way to cut these pieces costs less"
          : plan.lowerBound > 0
            ? `no way to cut these pieces costs less than ${write("money", plan.lowerBound)}; this one ${write("money", plan.cost)}`
            : ""}
        {" · "}
        {write("percent", plan.waste)} left over · {plan.cuts} cuts, about {cuttingTime(plan.cuts)} at {MINUTES_A_CUT} minutes a cut
        {waiting && !proven ? <span role="status"> · looking for a better one …</span> : null}
      </p>
    </div>
  )
}

/** Where a face has several layers of the same boards: which of them the pelt shows. */
function LayerTabs({ stuff, nth, plan }: { stuff: Stuff; nth: number; plan: SheetPlan }) {
  const store = useJobStore()
  const most = Math.max(0, ...plan.layers.filter((layer) => layer.stuff === stuff.key).map((layer) => layer.nth))
  if (most === 0) return null
  const names = ["outer layer", "second layer", "third layer", "fourth layer"]
  return (
    <Tabs
      label="Layer on the pelt"
      value={String(nth)}
      options={Array.from({ length: most + 1 }, (_, i) => ({ value: String(i), name: names[i] ?? `layer ${i + 1}` }))}
      onChange={(value) => store.choose({ boards: { stuff: stuff.key, nth: Number(value) } })}
    />
  )
}

/** What a builder should know of the plan: the other way, joints that nothing carries or that lie in line, narrow strips. */
function Doubts({ plan, found, stuff }: { plan: SheetPlan; found: StuffPlan; stuff: Stuff }) {
  const { write, length } = useWriting()
  const layers = plan.layers.filter((layer) => layer.stuff === stuff.key)
  const named = (some: typeof layers) => [...new Set(some.map(({ faceName }) => inSentence(faceName)))].join(", ")
  const unheld = layers.filter((layer) => layer.unheld)
  const inLine = layers.filter(({ apart, asked }) => apart < asked - 1e-6)
  const { other } = found
  const by = other ? other.bought - found.bought : 0
  return (
    <>
      {other ? (
        <p data-testid="other-way">
          Boards lie {found.course === "up" ? "upright" : "level"}. {other.course === "up" ? "Upright" : "Level"} they would take{" "}
          {by === 0 ? "as many" : `${Math.abs(by)} ${by > 0 ? "more" : "fewer"}`}, {other.cuts} cuts
          {other.slivers > 0 ? ` and ${other.slivers} narrow strips` : ""}, for {write("money", other.cost)}.
        </p>
      ) : null}
      {unheld.length > 0 ? (
        <Remark kind="remark" title="Joints that no member carries">
          Members are further apart than these boards reach ({named(unheld)}): put blocking behind the joints, or move the members.
        </Remark>
      ) : null}
      {inLine.length > 0 ? (
        <Remark kind="remark" title="Joints nearer to each other than asked">
          {inLine
            .map(({ faceName, apart, asked }) => `${faceName}: ${apart < 5e-4 ? "in line" : length(apart)} in place of ${length(asked)}`)
            .join("; ")}
          .
        </Remark>
      ) : null}
      {found.slivers > 0 ? (
        <Remark kind="remark" title={found.slivers === 1 ? "One narrow strip" : `${found.slivers} narrow strips`}>
          They are coloured on the pelt. Drag a joint, or start from the other side, where that is easier to fix.
        </Remark>
      ) : null}
    </>
  )
}
