"use client"
import { useMemo } from "react"
import type { LaidLayer } from "../../core/takeoff/laid-layers"
import type { Point } from "../../core/shell/face"
import { useJob, useSelection } from "../job/job-store"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { useLedger } from "../job/use-ledger"
import { useMaterials } from "../materials/use-materials"
import { useChosenBoards, useSheets } from "../stations/sheets/use-sheets"
import { boxOf } from "./edge-marks"
import { hatch } from "./hatches"
import { insidePoint } from "./inside-point"
import { JointHandles } from "./joint-handles"
import { outlineOn, pathText, pointsText, type View } from "./pelt-view"

/** Room that a number takes, px. */
const NUMBER = { width: 8, height: 15 }

/** Boards of the layer that is looked at, on every face that has it: pieces with their numbers, and the joints of the layer beneath. */
export function LaidBoards({ view, hatches }: { view: View; hatches: string }) {
  const { boarding, plan, fresh } = useSheets()
  const { stuff, nth } = useChosenBoards(boarding)
  const { surfaces } = useLedger()
  const materials = useMaterials()
  const chosen = useSelection((state) => state.face)
  const layers = useMemo(() => plan?.layers ?? [], [plan])
  const job = useJob()
  const { assemblies } = job.variants[job.active]!
  const lockedOn = ({ assembly, layer, face }: LaidLayer) => assemblies[assembly]?.layers[layer]?.boards?.locked[face] ?? []
  const kind = stuff && materials[stuff.material]?.class
  return (
    <g className="pointer-events-none" opacity={fresh ? 1 : 0.5} data-testid="laid-boards">
      {zonesLast(surfaces).map(({ id, face, region, name, zone }) => {
        const own = layers.filter((layer) => layer.face === id)
        const at = own.findIndex((layer) => layer.stuff === stuff?.key && layer.nth === nth)
        if (at < 0) return null
        const on = (points: readonly Point[]) => outlineOn(face, points, view)
        return (
          <g key={id} data-boards={id}>
            {own[at]!.pieces.map((piece) => {
              const rings = piece.rings.map(on)
              return (
                <g key={piece.number} data-piece={piece.number}>
                  <path d={pathText(rings)} fill="var(--sheet)" fillRule="evenodd" />
                  {kind && kind !== "air" ? <path d={pathText(rings)} fill={hatch(hatches, kind)} fillRule="evenodd" /> : null}
                  <path
                    d={pathText(rings)}
                    fill={piece.sliver ? "var(--ochre)" : "none"}
                    fillOpacity={0.35}
                    fillRule="evenodd"
                    stroke="var(--ink)"
                    strokeWidth={0.9}
                  />
                </g>
              )
            })}
            {at > 0 ? <Beneath layer={own[at - 1]!} on={on} /> : null}
            {own[at]!.pieces.map((piece) => (
              <PieceNumber key={piece.number} number={piece.number} rings={piece.rings.map(on)} />
            ))}
            <FaceName name={zone ?? name} outline={on(region.outline)} />
            <polygon
              points={pointsText(on(region.outline))}
              fill="none"
              stroke={id === chosen ? "var(--spruce)" : "var(--ink)"}
              strokeWidth={id === chosen ? 3 : 1.2}
            />
            {id === chosen && fresh && own[at]!.movable ? (
              <JointHandles layer={own[at]!} face={face} locked={lockedOn(own[at]!)} view={view} />
            ) : null}
          </g>
        )
      })}
    </g>
  )
}

/** Zones lie on their faces; the skin of a box, which lies flat on no face, is in the cutting drawing only. */
const zonesLast = (surfaces: readonly SurfaceFigures[]): SurfaceFigures[] => [
  ...surfaces.filter(({ zone }) => zone === null),
  ...surfaces.filter(({ zone, box }) => zone !== null && box === null),
]

/** Joints of the boards that a layer lies on. */
function Beneath({ layer, on }: { layer: LaidLayer; on: (points: readonly Point[]) => Point[] }) {
  const cells = [...new Map(layer.pieces.map(({ cell }) => [cell.join(), cell])).values()]
  return (
    <g stroke="var(--spruce)" strokeWidth={1.2} strokeDasharray="5 4" fill="none">
      {cells.map(([left, low, right, high]) => {
        const [a, b, c] = on([
          [right, low],
          [right, high],
          [left, high],
        ])
        return <path key={`${left} ${low}`} d={`M${a!.join(" ")}L${b!.join(" ")}L${c!.join(" ")}`} />
      })}
    </g>
  )
}

/** As large as its piece lets it be, and none where it could not be read. */
function PieceNumber({ number, rings }: { number: number; rings: Point[][] }) {
  const { at, distance } = useMemo(() => insidePoint(rings), [rings])
  const letters = String(number).length
  const { width, height } = boxOf(rings[0]!)
  const within = rings.length === 1 && rings[0]!.length === 4
  // In a rectangle letters may run on along it.
  const [wide, high] = within ? [width, height] : [2 * distance, 2 * distance]
  if (wide < letters * NUMBER.width || high < NUMBER.height) return null
  const size = Math.min(16, Math.max(11, Math.min(high / 2, wide / letters)))
  return (
    <text x={at[0]} y={at[1]} dy={size * 0.35} textAnchor="middle" fontSize={size} className="on-hatch font-semibold" fill="var(--ink)">
      {number}
    </text>
  )
}

/** The face's name in its upper left corner, where it has room. */
function FaceName({ name, outline }: { name: string; outline: Point[] }) {
  const { x, y, width, height } = boxOf(outline)
  if (width < name.length * 6.2 + 8 || height < 130) return null
  return (
    <text x={x - width / 2 + 5} y={y - height / 2 + 13} fontSize={11} className="on-hatch" fill="var(--graphite)">
      {name}
    </text>
  )
}
