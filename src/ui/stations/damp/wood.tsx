"use client"
import { useState } from "react"
import { MONTHS } from "../../../core/climate/design-day"
import { boardMoves, type LaidBoard, settlingMoisture } from "../../../core/moisture/board-moves"
import { rangeFault } from "../../fields/range-fault"
import { useLedgerLater } from "../../job/use-ledger"
import { QuantityField, SelectField } from "../../primitives/fields"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"

/** Woods by what the trade calls them, and the species whose shrinkage is theirs. */
const WOODS = [
  { value: "white-spruce", name: "spruce" },
  { value: "eastern-white-pine", name: "white pine" },
  { value: "ponderosa-pine", name: "ponderosa pine" },
  { value: "loblolly-pine", name: "southern pine" },
  { value: "douglas-fir", name: "Douglas fir" },
  { value: "western-larch", name: "larch" },
  { value: "western-redcedar", name: "western red cedar" },
  { value: "western-hemlock", name: "hemlock" },
  { value: "white-ash", name: "ash" },
  { value: "yellow-birch", name: "birch" },
  { value: "sugar-maple", name: "maple" },
  { value: "white-oak", name: "oak" },
] as const

/** Wood inside: what it settles at through the year, and how a board moves from a moisture-meter's reading on. */
export function Wood() {
  return (
    <div>
      <Unfolding words="Boards inside: how much they move, gap or no gap">{() => <Trial />}</Unfolding>
    </div>
  )
}

/** Least and greatest that is asked. */
const [READING, WIDTH, ACROSS] = [
  [0.03, 0.6],
  [0.01, 1.3],
  [0.02, 30],
] as const

function Trial() {
  const { write, length } = useWriting()
  const { months } = useLedgerLater()
  const [board, setBoard] = useState<LaidBoard>({ species: "white-spruce", sawn: "flat", width: 0.14, reading: 0.12 })
  const [across, setAcross] = useState(2)
  const settles = settlingMoisture(months.map(({ inside }) => inside))
  const { narrower, wider } = boardMoves(board, settles)
  const [driest, dampest] = [Math.min(...settles), Math.max(...settles)]
  const steady = dampest - driest < SAME
  const by = (month: number) => (steady ? "in time" : `by ${MONTHS[month]}`)
  const boards = across / board.width
  const within = (value: number, range: readonly [number, number], told: (one: number) => string, take: () => void) => {
    const fault = rangeFault(value, range, told)
    if (!fault) take()
    return fault
  }
  const percent = (one: number) => write("percent", one)
  return (
    <div className="grid gap-2 pt-2" data-testid="wood">
      <p>
        In this air wood settles at {percent(driest)} of its own mass
        {steady
          ? " all year."
          : ` in ${MONTHS[settles.indexOf(driest)]} and at ${percent(dampest)} in ${MONTHS[settles.indexOf(dampest)]}.`}
      </p>
      <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 narrow:grid-cols-2">
        <SelectField
          label="Wood"
          value={board.species as (typeof WOODS)[number]["value"]}
          options={WOODS}
          onChange={(species) => setBoard({ ...board, species })}
        />
        <SelectField
          label="Sawn"
          value={board.sawn}
          options={[
            { value: "flat", name: "flat: rings lie level" },
            { value: "quarter", name: "upright rings" },
          ]}
          onChange={(sawn) => setBoard({ ...board, sawn })}
        />
        <QuantityField
          label="The moisture meter reads"
          kind="percent"
          value={board.reading}
          onCommit={(reading) => within(reading, READING, percent, () => setBoard({ ...board, reading }))}
        />
        <QuantityField
          label="A board’s width"
          kind="length"
          value={board.width}
          onCommit={(width) => within(width, WIDTH, length, () => setBoard({ ...board, width }))}
        />
        <QuantityField
          label="They cover, across the boards"
          kind="length"
          value={across}
          onCommit={(value) => within(value, ACROSS, length, () => setAcross(value))}
        />
      </div>
      <p data-testid="board-moves">
        {narrower.by > TOLD
          ? `Laid now each gets ${length(narrower.by)} narrower ${by(narrower.month)}: that is the gap between them then. `
          : "Laid now they get no narrower to speak of. "}
        {wider.by > TOLD
          ? `Each gets ${length(wider.by)} wider ${by(wider.month)}: leave as much between them, or ${length(wider.by * boards)} in all at the edges, else they push.`
          : "They get no wider: lay them tight."}
      </p>
      {board.reading > dampest + 0.04 ? (
        <p className="border-l-[3px] border-ochre pl-3">
          They are far damper than they will be here: let them stand inside, stacked with air between, until the meter reads about{" "}
          {percent((driest + dampest) / 2)}.
        </p>
      ) : null}
      <p className="text-dense text-graphite">
        Wood Handbook FPL-GTR-282 (2021), chapter 4: eq. 4-5 for what it settles at in the mean of each month, table 4-3 for how it moves.
        Plywood and boards of chips move by a tenth of that across their sheet.
      </p>
    </div>
  )
}

/** Months that differ by less are alike, kg/kg. */
const SAME = 0.002
/** Less is not seen, m. */
const TOLD = 1e-4
