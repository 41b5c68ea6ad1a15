/** Value of a curve of straight lines at a place; held at its ends. @param points rising in x */
export function onCurve(points: readonly (readonly [x: number, y: number])[], x: number): number {
  let [low, high] = [0, points.length - 1]
  if (x <= points[low]![0]) return points[low]![1]
  if (x >= points[high]![0]) return points[high]![1]
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (points[middle]![0] < x) low = middle
    else high = middle
  }
  const [[x1, y1], [x2, y2]] = [points[low]!, points[high]!]
  return y1 + ((x - x1) / (x2 - x1)) * (y2 - y1)
}
