import type { Shell } from "../../schema/job/shell"
import type { HeatFlowDirection } from "../../schema/quantity"
import { INDOOR_RESISTANCE, OUTDOOR_RESISTANCE } from "../assembly/surface-resistance"
import { cornerDetail } from "../conduction/corner-detail"
import type { Films } from "../conduction/detail"
import { plainTransmittance, type Sheets, sheetsOf } from "../conduction/member-detail"
import { slabEdgeDetail } from "../conduction/slab-edge-detail"
import type { Beyond } from "../heat/beyond"
import { edgesOf } from "../shell/edges"
import type { FaceFigures } from "./face-figures"
import type { LineBridge } from "./line-bridge"
import { type Bridge, bridgeAt, type Solutions } from "./solutions"

/**
 * The edges of a shell, each with the ψ that its two faces' measures over all leave to it; edges between different airs are not among
 * them, nor such that are nearly flat.
 */
export function edgeBridges(shell: Shell, faces: readonly FaceFigures[], solutions: Solutions): LineBridge[] {
  return edgesOf(shell).flatMap((edge): LineBridge[] => {
    const [a, b] = edge.faces.map((id) => faces.find((figures) => figures.id === id)!) as [FaceFigures, FaceFigures]
    if (edge.angle > 175 || edge.length === 0) return []
    const place = edge.faces.join(" ")
    const known = { kind: "edge", name: `${a.name} to ${b.name.toLowerCase()}`, length: edge.length, between: edge.faces } as const
    if (a.ground || b.ground) {
      const [floor, wall] = a.ground ? [a, b] : [b, a]
      return onSlab(floor, wall, solutions, place).map((bridge) => ({ ...known, face: wall, ...bridge }))
    }
    if (!sameAir(a.beyond, b.beyond)) return []
    const films: Films = { ...WALL, outside: a.beyond.kind === "space" ? INDOOR_RESISTANCE[WALL.direction] : OUTDOOR_RESISTANCE }
    const [lying, standing] = [sheetsOf(a.layers, films.direction), sheetsOf(b.layers, films.direction)]
    const square = bridgeAt(place, cornerDetail(lying, standing, films), overlap(lying, films) + overlap(standing, films), solutions)
    // The two measures over all overlap by the thickness times cot(α/2); drawn is the square corner, where that is 1.
    const share = 1 / Math.tan((edge.angle * Math.PI) / 360)
    return [{ ...known, face: a, ...square, linear: square.linear * share }]
  })
}

/** A corner's films: what is level and what stands have one air. @see ISO 10211:2017, 7.1 */
const WALL: Films = {
  inside: INDOOR_RESISTANCE.horizontal,
  outside: OUTDOOR_RESISTANCE,
  direction: "horizontal" satisfies HeatFlowDirection,
}

const sameAir = (a: Beyond, b: Beyond): boolean => a.kind === b.kind && (a.kind !== "space" || b.kind !== "space" || a.id === b.id)

/**
 * What one arm of a square corner counts too much, measured over all, before it is solved: two even walls of conductivity λ pass
 * 2 − (1 − 2/π·ln 2) squares less than their measures over all say, half of it each.
 */
const overlap = (sheets: Sheets, films: Films): number =>
  -((1 + (2 / Math.PI) * Math.log(2)) / 2) * sheets.height * plainTransmittance(sheets, films)

function onSlab(floor: FaceFigures, wall: FaceFigures, solutions: Solutions, place: string): Bridge[] {
  if (wall.beyond.kind !== "outdoors" || wall.face.tilt !== 90) return []
  const detail = slabEdgeDetail(sheetsOf(floor.layers, "down"), sheetsOf(wall.layers, "horizontal"), floor.ground!)
  return [bridgeAt(place, detail, 0, solutions)]
}
