"use client"
import { useEffect, useState } from "react"
import { fitLeakage, oddExponent, type FanReading } from "../../core/airflow/blower-door"
import { airChangesFrom } from "../../core/airflow/leak-parts"
import { useLedger } from "../job/use-ledger"
import { Button } from "../primitives/button"
import { QuantityField } from "../primitives/fields"
import { Refusal } from "../primitives/refusal"
import { useWriting } from "../writing/writing"

interface Typed {
  pressure: number | null
  flow: number | null
}

/** As many readings as a careful test has. */
const MOST = 12

/** Air changes from what a fan moved at one pressure or more. */
export function FromTest({ onFound }: { onFound: (airChanges: number | null) => void }) {
  const { volume } = useLedger().leaks
  const { figure } = useWriting()
  const [rows, setRows] = useState<readonly Typed[]>([{ pressure: 50, flow: null }])
  const readings = rows.filter((row): row is FanReading => row.pressure !== null && row.flow !== null)
  const { airChanges, words, refusal } = read(readings, volume)
  const found = airChanges === null ? null : Math.round(100 * airChanges) / 100
  useEffect(() => onFound(found), [onFound, found])
  const change = (at: number, part: Partial<Typed>) => {
    if (Object.values(part).some((value) => value !== null && !(value > 0 && value < 10_000)))
      return { code: "out-of-range", path: [], message: "It must be more than nothing." }
    setRows(rows.map((row, i) => (i === at ? { ...row, ...part } : row)))
    return null
  }
  return (
    <div className="grid gap-2">
      <p className="text-graphite">One reading is enough for a first figure; from three on, at different pressures, they are fitted.</p>
      <ul className="grid gap-2">
        {rows.map((row, i) => (
          <li key={i} className="grid max-w-96 grid-cols-2 gap-x-4">
            <QuantityField
              label={`Pressure, reading ${i + 1}`}
              kind="pressure"
              value={row.pressure}
              empty={null}
              onCommit={(pressure) => change(i, { pressure })}
            />
            <QuantityField
              label={`Air through the fan, reading ${i + 1}`}
              kind="airFlow"
              value={row.flow}
              empty={null}
              onCommit={(flow) => change(i, { flow })}
            />
          </li>
        ))}
      </ul>
      {rows.length < MOST ? (
        <div>
          <Button onClick={() => setRows([...rows, { pressure: null, flow: null }])}>Another reading</Button>
        </div>
      ) : null}
      {found === null ? null : (
        <p>
          <span className="font-semibold">{figure("airChanges", found)}</span> air changes an hour at 50 Pa. {words}
        </p>
      )}
      <Refusal>{refusal}</Refusal>
    </div>
  )
}

/** What readings tell: one or two by the usual exponent, more by their own. */
function read(readings: readonly FanReading[], volume: number): { airChanges: number | null; words: string; refusal: string | null } {
  if (readings.length === 0) return { airChanges: null, words: "", refusal: null }
  if (readings.length < 3) {
    const nearest = readings.reduce((best, one) => (Math.abs(one.pressure - 50) < Math.abs(best.pressure - 50) ? one : best))
    return {
      airChanges: airChangesFrom(nearest.pressure, nearest.flow, volume),
      words: "From the reading next to 50 Pa, by the usual exponent of 0.65.",
      refusal: null,
    }
  }
  if (new Set(readings.map(({ pressure }) => pressure)).size < 2)
    return { airChanges: null, words: "", refusal: "Give readings at two different pressures at least." }
  const { coefficient, exponent, exponentInterval95 } = fitLeakage(readings, 20, 20)
  const between = exponentInterval95.map((one) => one.toFixed(2)).join(" to ")
  return {
    airChanges: ((coefficient * 50 ** exponent) / volume) * 3600,
    words: `Fitted with the exponent ${exponent.toFixed(2)} (95 %: ${between}).`,
    refusal: oddExponent(exponent),
  }
}
