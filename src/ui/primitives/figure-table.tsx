import { Fragment, type ReactNode } from "react"

interface Props {
  caption: ReactNode
  /** How the caption is shown above it; else it is for a screen reader only. */
  shows?: "title" | "words"
  /** Heads of the columns. */
  heads: readonly ReactNode[]
  /** Columns that are words; all others are figures. */
  words?: readonly number[]
  /** `below` stands across all columns under its row. */
  rows: readonly { key: string | number; cells: readonly ReactNode[]; look?: string | undefined; below?: ReactNode }[]
}

const CAPTIONS = { title: "text-left font-display text-[15px] font-semibold", words: "text-left text-graphite", hidden: "sr-only" }

/** A table of figures: words at the left, figures under one another at the right. */
export function FigureTable({ caption, shows, heads, words = [0], rows }: Props) {
  const side = (i: number) => (words.includes(i) ? `text-left ${i === 0 ? "" : "pl-3"}` : "pl-3 text-right tabular-nums")
  return (
    <table className="w-full text-dense">
      <caption className={CAPTIONS[shows ?? "hidden"]}>{caption}</caption>
      <thead className="text-graphite">
        <tr className="border-b border-seam">
          {heads.map((head, i) => (
            <th key={i} className={`py-1 align-bottom font-normal ${side(i)}`}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ key, cells, look, below }) => (
          <Fragment key={key}>
            <tr className={look} data-row={key}>
              {cells.map((cell, i) => (
                <td key={i} className={`py-0.5 ${side(i)} ${words.includes(i) ? "" : "whitespace-nowrap"}`}>
                  {cell}
                </td>
              ))}
            </tr>
            {below ? (
              <tr>
                <td colSpan={heads.length} className="py-2">
                  {below}
                </td>
              </tr>
            ) : null}
          </Fragment>
        ))}
      </tbody>
    </table>
  )
}
