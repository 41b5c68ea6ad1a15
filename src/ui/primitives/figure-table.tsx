import type { ReactNode } from "react"

interface Props {
  caption: ReactNode
  /** Shown above it; else for a screen reader only. */
  titled?: boolean
  /** Heads of the columns; the first is words, the others are figures. */
  heads: readonly ReactNode[]
  rows: readonly { key: string | number; cells: readonly ReactNode[]; look?: string | undefined }[]
}

/** A table of figures: words at the left, figures under one another at the right. */
export function FigureTable({ caption, titled = false, heads, rows }: Props) {
  const side = (i: number) => (i === 0 ? "max-w-64 truncate text-left" : "pl-3 text-right whitespace-nowrap tabular-nums")
  return (
    <table className="w-full text-dense">
      <caption className={titled ? "text-left font-display text-[15px] font-semibold" : "sr-only"}>{caption}</caption>
      <thead className="text-graphite">
        <tr className="border-b border-seam">
          {heads.map((head, i) => (
            <th key={i} className={`py-1 font-normal ${side(i)}`}>
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(({ key, cells, look }) => (
          <tr key={key} className={look}>
            {cells.map((cell, i) => (
              <td key={i} className={`py-0.5 ${side(i)}`}>
                {cell}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
