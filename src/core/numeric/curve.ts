/** Value of a curve of straight lines at a place; held at its ends. @param points rising in x */
export function onCurve(points: readonly (readonly [x: number, y: number])[], x: number): number {
  const after = points.findIndex(([place]) => place >= x)
  if (after === 0 || points.length === 1) return points[0]![1]
  if (after === -1) return points.at(-1)![1]
  const [[x1, y1], [x2, y2]] = [points[after - 1]!, points[after]!]
  return y1 + ((x - x1) / (x2 - x1)) * (y2 - y1)
}
