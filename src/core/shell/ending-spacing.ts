/** A spacing of members and how a run ends with it; m. */
export interface EndingSpacing {
  spacing: number
  /** Members that the run needs. */
  members: number
  /** Clear width of the last bay. */
  lastBay: number
  /** Whether every edge of the boards lands on a member; null where the width of the boards is not known. */
  boardsLand: boolean | null
  /** Neither a sliver at the end nor a board edge in the air. */
  endsWell: boolean
}

/** Spacings that are usual where boards come in metric or in inch sizes, centre to centre, m. */
const USUAL = [0.3, 0.4, 0.4064, 0.45, 0.4877, 0.5, 0.6, 0.6096, 0.625] as const

/** A last bay narrower than this share of the others is a sliver: hardly worth a piece, hard to fill. */
const SLIVER = 0.4

/**
 * Which spacings end well on a run: those whose last bay is no sliver and whose members meet the edges of the boards.
 * @param run length of the face's lower edge, m
 * @param width of a member, m
 * @param boardWidth of the boards that are fixed to the members, m; null if they have none
 * @returns the usual spacings, those that end well and need fewest members first
 */
export function endingSpacings(run: number, width: number, boardWidth: number | null): EndingSpacing[] {
  return USUAL.filter((spacing) => spacing > width && spacing < run)
    .map((spacing): EndingSpacing => {
      const members = Math.floor((run - width / 2) / spacing + 1e-9)
      const lastBay = run - members * spacing - width / 2
      const boardsLand = boardWidth === null ? null : landsOn(boardWidth, spacing)
      return {
        spacing,
        members,
        lastBay,
        boardsLand,
        endsWell: (lastBay >= SLIVER * (spacing - width) || lastBay < 0.002) && boardsLand !== false,
      }
    })
    .sort((a, b) => Number(b.endsWell) - Number(a.endsWell) || a.members - b.members)
}

/** Boards meet on a member when their width is a whole number of bays, to within 3 mm a board. */
function landsOn(boardWidth: number, spacing: number): boolean {
  const bays = Math.round(boardWidth / spacing)
  return bays > 0 && Math.abs(boardWidth - bays * spacing) < 0.003
}
