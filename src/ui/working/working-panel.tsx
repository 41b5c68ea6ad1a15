"use client"
import type { Quantity, Source, Working } from "../../core/working"
import type { WhatIf } from "../../core/trials/what-if"
import { useJob, useJobStore } from "../job/job-store"
import { useGo } from "../stations/use-go"
import { Button } from "../primitives/button"
import { Dialog } from "../primitives/dialog"
import { useWriting, type Writing } from "../writing/writing"
import { factorsText } from "./factors"

/** Where what a figure rests on is changed. */
const STATION_OF = { brief: "brief", shell: "shell", "build-up": "build-ups" }

/** A figure's working, and what would change it most. */
export interface Shown {
  working: Working
  whatIf: WhatIf[]
}

/** How a figure was got: the sum with its numbers, what it rests on, the method, and what would change it most. */
export function WorkingPanel({ shown: { working, whatIf }, onClose }: { shown: Shown; onClose: () => void }) {
  const { write } = useWriting()
  useJob()
  const store = useJobStore()
  const go = useGo()
  const print = ({ kind, value }: Quantity) => write(kind, value)
  const follow = (source: Source) => {
    if (source.surface) store.choose({ face: source.surface, layer: null })
    go(STATION_OF[source.of])
    onClose()
  }
  return (
    <Dialog open onClose={onClose} title={working.title} place="side">
      <p className="font-mono text-dense break-words">{working.formula}</p>
      <Sum working={working} onFollow={follow} />
      {working.inputs.length === 0 ? null : (
        <>
          <h3 className="mt-4 font-display font-semibold">It rests on</h3>
          <ul>
            {working.inputs.map((input) => (
              <li key={input.name} className="flex justify-between gap-3">
                <Button look="link" className="text-left !whitespace-normal" onClick={() => follow(input.from)}>
                  {input.name}
                </Button>
                <span className="whitespace-nowrap">{print(input.quantity)}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {whatIf.length === 0 ? null : (
        <>
          <h3 className="mt-4 font-display font-semibold">What would change it most</h3>
          <ul>
            {whatIf.map(({ name, change }) => (
              <li key={name} className="flex justify-between gap-3">
                <span>{name}</span>
                <span className="whitespace-nowrap">{changeText(working.total.kind, change, write)}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      <h3 className="mt-4 font-display font-semibold">Method</h3>
      <p>{working.method}</p>
      <p className="mt-1 text-graphite">{working.source}</p>
      {working.notes.length === 0 ? null : (
        <ul className="mt-2 list-disc pl-5 text-graphite">
          {working.notes.map(({ text }) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      )}
    </Dialog>
  )
}

/** The sum with its numbers put in, and its total. */
function Sum({ working, onFollow }: { working: Working; onFollow: (source: Source) => void }) {
  const writing = useWriting()
  const print = ({ kind, value }: Quantity) => writing.write(kind, value)
  return (
    <table className="mt-4 w-full text-dense">
      <caption className="sr-only">The sum with its numbers put in</caption>
      <tbody>
        {working.lines.map((line, i) => (
          <tr key={i} className="border-b border-seam align-baseline">
            <th scope="row" className="py-1 pr-2 text-left font-normal">
              {line.from ? (
                <Button look="link" className="text-left !whitespace-normal" onClick={() => onFollow(line.from!)}>
                  {line.name}
                </Button>
              ) : (
                line.name
              )}
            </th>
            <td className="py-1 pr-2 text-right text-graphite">{factorsText(line, writing)}</td>
            <td className="py-1 text-right whitespace-nowrap tabular-nums">{print(line.result)}</td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr className="font-semibold">
          <th scope="row" colSpan={2} className="py-1.5 text-left font-semibold">
            {working.title}
          </th>
          <td className="py-1.5 text-right whitespace-nowrap" data-testid="working-total">
            {print(working.total)}
          </td>
        </tr>
        {working.ofIt?.map(({ name, quantity }) => (
          <tr key={name}>
            <th scope="row" colSpan={2} className="text-left font-normal">
              {name}
            </th>
            <td className="text-right whitespace-nowrap tabular-nums">{print(quantity)}</td>
          </tr>
        ))}
      </tfoot>
    </table>
  )
}

function changeText(kind: Quantity["kind"], change: number, write: Writing["write"]): string {
  const text = write(kind === "temperature" ? "temperatureDifference" : kind, change)
  return change > 0 ? `+${text}` : text
}
