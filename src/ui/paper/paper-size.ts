/** Paper that one prints on, mm. */
export interface PaperSize {
  name: string
  /** As a style sheet calls it. */
  page: string
  width: number
  height: number
}

export const PAPERS = {
  a4: { name: "A4", page: "A4", width: 210, height: 297 },
  letter: { name: "Letter", page: "letter", width: 215.9, height: 279.4 },
} as const satisfies Record<string, PaperSize>
export type PaperId = keyof typeof PAPERS

/** White around what is printed, mm: no printer reaches the edge. */
export const MARGIN = 10

/** What of a paper is printed on, mm. */
export const printed = ({ width, height }: PaperSize) => ({ width: width - 2 * MARGIN, height: height - 2 * MARGIN })

/** px that a browser prints as one mm: a CSS inch has 96. */
export const MILLIMETRE = 96 / 25.4
