"use client"
import { useMemo, useState } from "react"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { sum } from "../../../core/numeric/sum"
import { parseLengths } from "../../../core/quantity/length"
import { task } from "../../../core/results/calculation"
import { CUT } from "../../../core/results/cut-result"
import { type BarStick, type CutStick, cutSticks, withLongJoined } from "../../../core/takeoff/cut-sticks"
import type { CutInput, CutOutput } from "../../../schema/cut"
import type { MemberSet } from "../../../schema/job/build-up"
import type { Shell } from "../../../schema/job/shell"
import { useShown, useWorkedOut } from "../../calculations/calculations"
import { useJob } from "../../job/job-store"
import { useLedgerLater } from "../../job/use-ledger"
import { useMaterials } from "../../materials/use-materials"
import { Button } from "../../primitives/button"
import { QuantityField, ReadField } from "../../primitives/fields"
import { FigureTable } from "../../primitives/figure-table"
import { Refusal } from "../../primitives/refusal"
import { Unfolding } from "../../primitives/unfolding"
import { saveFile } from "../../primitives/save-file"
import { useWriting } from "../../writing/writing"

/** Where a set's sticks are cut from: bars as they are sold, the sticks of all faces that have the set, and what is left over. */
export function CutList({ figures, set }: { figures: SurfaceFigures; set: MemberSet }) {
  return <Unfolding words="Cut list: which stick comes from which bar">{() => <List figures={figures} set={set} />}</Unfolding>
}

/** Lengths that timber, and what nothing else is known of, is sold in, m. */
const USUAL = { metric: [2.4, 3, 4.8], "ft-in": [2.4384, 3.048, 3.6576, 4.8768] } as const
/** A saw's cut, m, and what lengths are rounded up to. */
const KERF = { metric: 0.003, "ft-in": 0.003175 } as const
const MARK = { metric: 0.001, "ft-in": 0.0015875 } as const
/** More lengths that differ are too many to cut by. */
const MOST = 120

/** A stick with where it goes. */
interface Named extends BarStick {
  name: string
}

const ROLES: Record<CutStick["role"], string> = {
  member: "member",
  trimmer: "beside an opening",
  header: "over or under an opening",
  cross: "between",
  plate: "plate",
  end: "end member",
}

function List({ figures, set }: { figures: SurfaceFigures; set: MemberSet }) {
  const { figure, length, units } = useWriting()
  const { shell } = useJob()
  const { surfaces } = useLedgerLater()
  const system = units === "metric" ? "metric" : "ft-in"
  const { class: kind, sold } = useMaterials()[set.material]!
  const [bars, setBars] = useState<readonly number[]>(
    kind !== "wood" && sold.form === "length" && sold.length ? [sold.length] : USUAL[system],
  )
  const [kerf, setKerf] = useState<number>(KERF[system])
  const sticks = useMemo(
    () =>
      namedSticks(
        shell,
        surfaces.filter(({ assembly }) => assembly === figures.assembly),
        set,
        MARK[system],
        Math.max(...bars),
      ),
    [shell, surfaces, figures.assembly, set, system, bars],
  )
  const input = useMemo(() => inputOf(sticks, bars, kerf), [sticks, bars, kerf])
  const fault = faultOf(sticks, bars, input, length)
  useWorkedOut(
    "cut-list",
    useMemo(() => [{ pending: [], awaited: fault ? [] : [task(CUT, input)] }], [fault, input]),
  )
  const plan = useShown().of(CUT, input)
  return (
    <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2 pt-2" data-testid="cut-list">
      <ReadField
        label="Bars that are sold"
        shown={bars.map((bar) => figure("length", bar)).join("; ")}
        read={(text) => parseLengths(text, units)}
        onCommit={(lengths) => {
          if (lengths.length === 0) return { code: "missing", path: [], message: "Type at least one length, like 3000; 4800." }
          setBars(lengths)
          return null
        }}
      />
      <QuantityField
        label="A saw’s cut takes"
        kind="length"
        value={kerf}
        onCommit={(value) => {
          if (value < 0 || value > 0.02)
            return { code: "out-of-range", path: [], message: `A cut takes between ${length(0)} and ${length(0.02)}.` }
          setKerf(value)
          return null
        }}
      />
      <div className="col-span-2 grid grid-cols-1 gap-2">
        {fault ? (
          <Refusal>{fault}</Refusal>
        ) : plan ? (
          <Plan plan={plan} input={input} sticks={sticks} name={set.name} />
        ) : (
          <p role="status">Being cut …</p>
        )}
      </div>
    </div>
  )
}

/** Sticks of a set on all faces that have it, rounded up to what a tape shows. */
function namedSticks(shell: Shell, surfaces: readonly SurfaceFigures[], set: MemberSet, mark: number, bar: number): Named[] {
  return surfaces.flatMap((surface) =>
    withLongJoined(cutSticks(shell, surface, set, amongOf(surface.layers, set)), bar).map((stick): Named => ({
      ...stick,
      name: surface.name,
      length: Math.ceil(stick.length / mark - 1e-3) * mark,
    })),
  )
}

/** The sets that stand in a layer before this one: it is cut between them. */
function amongOf(layers: SurfaceFigures["layers"], set: MemberSet): MemberSet[] {
  const members = layers.find((layer) => layer.members.some((one) => one.set === set))?.members ?? []
  return members
    .slice(
      0,
      members.findIndex((one) => one.set === set),
    )
    .map((one) => one.set)
}

/** Distinct lengths with how many of each, out of bars that cost by their length. */
function inputOf(sticks: readonly Named[], bars: readonly number[], kerf: number): CutInput {
  const lengths = [...new Set(sticks.map((stick) => stick.length))].sort((a, b) => b - a)
  return {
    stock: bars.map((bar, i) => ({ id: `bar ${i}`, length: bar, cost: Math.round(bar * 1000) })),
    offcuts: [],
    kerf,
    pieces: lengths.map((length) => ({ id: String(length), length, quantity: sticks.filter((stick) => stick.length === length).length })),
  }
}

/** What is to be mended before anything can be cut; null where nothing is. */
function faultOf(
  sticks: readonly Named[],
  bars: readonly number[],
  { pieces }: CutInput,
  length: (value: number) => string,
): string | null {
  if (sticks.length === 0) return "No stick of it stands on any face."
  const [longest, bar] = [pieces[0]!.length, Math.max(...bars)]
  if (longest > bar + 1e-9) return `A stick of ${length(longest)} is longer than the longest bar, ${length(bar)}: take a longer one.`
  if (pieces.length > MOST) return `They have ${pieces.length} different lengths; more than ${MOST} are not cut at once.`
  return null
}

/** Bars that are cut alike, and how many of them. */
function alike(bars: CutOutput["bars"]): (CutOutput["bars"][number] & { count: number })[] {
  const groups = new Map<string, CutOutput["bars"][number] & { count: number }>()
  for (const bar of bars) {
    const key = `${bar.stock}: ${bar.cuts.map((cut) => cut.length).join()}`
    groups.set(key, { ...bar, count: (groups.get(key)?.count ?? 0) + 1 })
  }
  return [...groups.values()]
}

interface PlanProps {
  plan: Omit<CutOutput, "notes">
  input: CutInput
  sticks: readonly Named[]
  name: string
}

function Plan({ plan, input, sticks, name }: PlanProps) {
  const { figure, length, units, write } = useWriting()
  const barOf = (stock: string) => input.stock.find((bar) => bar.id === stock)!.length
  const bought = sum(plan.bars.map(({ stock }) => barOf(stock)))
  const joined = sticks.filter((stick) => stick.joined).length
  const used = sum(sticks.map((stick) => stick.length))
  const counts = input.stock
    .map((bar) => ({ ...bar, count: plan.bars.filter(({ stock }) => stock === bar.id).length }))
    .filter(({ count }) => count > 0)
  const list = () =>
    saveFile(`${name}, cut list`, "csv", () => cutTable(plan, sticks, barOf, units === "metric" ? ["mm", 0.001] : ["in", 0.0254]))
  return (
    <>
      <p>
        {counts.map((bar) => `${bar.count} of ${length(bar.length)}`).join(", ")} for {sticks.length} sticks on all faces that have them:{" "}
        {write("percent", 1 - used / bought)} is left over or sawdust.{" "}
        {plan.proven ? "No plan buys less." : `No plan buys less than ${length(plan.lowerBound / 1000)} in all.`}
      </p>
      {joined > 0 ? (
        <p className="border-l-[3px] border-ochre pl-3">
          Sticks longer than a bar are in {joined} parts: join each over what carries it, plates over a member.
        </p>
      ) : null}
      <FigureTable
        caption="Bars and what is cut from each"
        heads={["bars", "of", "cut from each", "left over"]}
        words={[2]}
        rows={alike(plan.bars).map((bar, i) => ({
          key: i,
          look: "align-top",
          cells: [
            bar.count,
            length(barOf(bar.stock)),
            bar.cuts.map((cut) => figure("length", cut.length)).join(" + "),
            bar.offcut > 0 ? length(bar.offcut) : "–",
          ],
        }))}
      />
      <p className="text-graphite">
        Each stick is as long as its longest edge; ends off square, and where each goes, stand in the list. What openings part is cut above
        and below. Plates are taken as square.
      </p>
      <div>
        <Button onClick={() => void list()}>Save the list</Button>
      </div>
    </>
  )
}

/** A line for each stick: which bar, how long, its ends, and where it goes. @param size m of the unit that lengths are told in */
async function cutTable(
  plan: PlanProps["plan"],
  sticks: readonly Named[],
  barOf: (stock: string) => number,
  [unit, size]: readonly [unit: string, size: number],
): Promise<string> {
  const { unparse } = (await import("papaparse")).default
  const waiting = new Map<string, Named[]>()
  for (const stick of sticks) waiting.set(String(stick.length), [...(waiting.get(String(stick.length)) ?? []), stick])
  const told = (value: number) => Math.round((value / size) * 10_000) / 10_000
  const rows = plan.bars.flatMap(({ stock, cuts }, bar) =>
    cuts.map(({ piece, length }) => {
      const { name, role, at, ends, joined } = waiting.get(piece)!.shift()!
      return {
        bar: bar + 1,
        [`bar, ${unit}`]: told(barOf(stock)),
        [`length, ${unit}`]: told(length),
        "end below or left, degrees off square": Math.round(ends[0] * 10) / 10,
        "end above or right, degrees off square": Math.round(ends[1] * 10) / 10,
        face: name,
        what: ROLES[role],
        "part of a longer one": joined ? "yes" : "",
        [`middle from the face's left or lower edge, ${unit}`]: at === null ? "" : told(at),
      }
    }),
  )
  return unparse(rows, { escapeFormulae: true })
}
