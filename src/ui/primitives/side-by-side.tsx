"use client"
import { X } from "lucide-react"
import { Button, IconButton } from "./button"

/** One of the things set beside each other; without what can be done to it where it is there already. */
export interface Column {
  id: string
  name: string
  note?: string
  onAway?: () => void
  take?: { words: string; onTake: () => void }
}

interface Props {
  columns: readonly Column[]
  /** Line by line what is said of each, in the order of the columns. */
  lines: readonly { name: string; texts: readonly string[] }[]
}

/** Things side by side with all that is said of them. */
export function SideBySide({ columns, lines }: Props) {
  return (
    <section aria-label="Side by side" className="overflow-x-auto border-b border-seam pb-3">
      <table className="w-full border-collapse text-dense">
        <thead>
          <tr className="border-b border-seam align-bottom">
            <td />
            {columns.map(({ id, name, note, onAway }) => (
              <th key={id} scope="col" className="py-1 pl-4 text-left font-semibold">
                <span className="flex items-end gap-1">
                  {name}
                  {note ? <span className="font-normal text-graphite">, {note}</span> : null}
                  {onAway ? (
                    <IconButton name={`Put ${name} away`} onClick={onAway}>
                      <X size={14} aria-hidden />
                    </IconButton>
                  ) : null}
                </span>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map(({ name, texts }) => (
            <tr key={name} className="border-b border-seam align-top">
              <th scope="row" className="py-[3px] text-left font-normal whitespace-nowrap text-graphite">
                {name}
              </th>
              {texts.map((text, i) => (
                <td key={i} className="py-[3px] pl-4 tabular-nums">
                  {text}
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <td />
            {columns.map(({ id, name, take }) => (
              <td key={id} className="pt-2 pl-4">
                {take ? (
                  <Button aria-label={`${take.words} ${name}`} onClick={take.onTake}>
                    {take.words}
                  </Button>
                ) : null}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </section>
  )
}
