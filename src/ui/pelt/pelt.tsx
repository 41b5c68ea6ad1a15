"use client"
import { Maximize, Minus, Plus, Printer } from "lucide-react"
import { type PointerEvent, useCallback, useEffect, useId, useMemo, useRef, useState } from "react"
import type { Face, Point } from "../../core/shell/face"
import { FOOT } from "../../core/quantity/length"
import type { SurfaceId } from "../../core/enclosure/surface"
import { useJob, useJobStore, useSelection } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { IconButton } from "../primitives/button"
import { useSize } from "../primitives/use-size"
import { SurfaceDrawings } from "./surface-drawings"
import { HatchPatterns } from "./hatches"
import type { Overlay } from "../overlays/overlay"
import { useMoment } from "../overlays/use-moment"
import { useGo } from "../stations/use-go"
import { later } from "../primitives/later"
import { useWriting } from "../writing/writing"
import { boxOf } from "./edge-marks"
import { barLength, fit, outlineOn, type Viewpoint, type View, WHOLE, zoomedAt } from "./pelt-view"

const STEP = 1.5
/** A pane lower than this gives the pelt all its room, px. */
const SMALL = 400

/** What moves parts by hand is needed at the Shell only. */
const Handles = later(() => import("./handles").then((module) => module.Handles))

/** Boards are laid at their own station only. */
const LaidBoards = later(() => import("./laid-boards").then((module) => module.LaidBoards))

/** The shell unfolded to scale; every face is a button that selects it everywhere. It can be brought nearer and pushed about. */
export function Pelt({ overlay, editable }: { overlay: Overlay; editable: boolean }) {
  const [ref, size] = useSize<HTMLDivElement>({ width: 716, height: 560 })
  const job = useJob()
  const ledger = useLedger()
  const writing = useWriting()
  const chosen = useSelection((view) => view.face)
  const moment = useMoment()
  const store = useJobStore()
  const name = useId()
  const go = useGo()
  const [viewpoint, setViewpoint] = useState<Viewpoint>(WHOLE)
  const faces = useMemo(() => ledger.surfaces.map((figures) => figures.face), [ledger.surfaces])
  const view = useMemo(() => fit(faces, size, size.height < SMALL ? 8 : 26, viewpoint.zoom), [faces, size, viewpoint.zoom])
  const paints = useMemo(
    () => new Map(ledger.surfaces.map((surface) => [surface.id, overlay.paint(surface, ledger, writing, moment)])),
    [overlay, ledger, writing, moment],
  )
  const choose = useCallback((face: SurfaceId) => store.choose({ face, layer: null, part: null }), [store])
  const pan = usePan(viewpoint, setViewpoint)
  useWheel(ref, (at, nearer) => setViewpoint((now) => zoomedAt(now, nearer ? 1.15 : 1 / 1.15, at, size)))
  const step = (factor: number) => setViewpoint(zoomedAt(viewpoint, factor, [size.width / 2, size.height / 2], size))
  return (
    <div ref={ref} className="relative min-h-0 grow overflow-hidden narrow:h-[min(345px,46dvh)] narrow:grow-0" data-testid="pelt">
      <svg
        width={size.width}
        height={size.height}
        viewBox={`0 0 ${size.width} ${size.height}`}
        role="group"
        aria-label={`The pelt of ${job.name}: its faces folded flat`}
        className={viewpoint.zoom > 1 ? "cursor-grab touch-none" : ""}
        {...pan}
      >
        <HatchPatterns name={name} />
        <g transform={`translate(${viewpoint.x} ${viewpoint.y})`} data-testid="pelt-drawing">
          <SurfaceDrawings
            surfaces={ledger.surfaces}
            shell={job.shell}
            paintOf={({ id }) => paints.get(id)!}
            lengths={overlay.lengths ?? false}
            view={view}
            hatches={name}
            chosen={chosen}
            onChoose={choose}
          />
          {overlay.boards ? <LaidBoards view={view} hatches={name} /> : null}
          {editable ? <Handles view={view} /> : null}
        </g>
        <ScaleBar view={view} size={size} faces={faces} metric={job.units === "metric"} />
        <Compass azimuth={job.shell.azimuth} x={34} y={size.height - 30} />
      </svg>
      <div className="absolute top-1 right-0 flex flex-col">
        <IconButton name="Zoom in" onClick={() => step(STEP)}>
          <Plus size={16} aria-hidden />
        </IconButton>
        <IconButton name="Zoom out" disabled={viewpoint.zoom === 1} onClick={() => step(1 / STEP)}>
          <Minus size={16} aria-hidden />
        </IconButton>
        <IconButton name="Whole pelt" disabled={viewpoint.zoom === 1} onClick={() => setViewpoint(WHOLE)}>
          <Maximize size={15} aria-hidden />
        </IconButton>
        <IconButton name="On paper: job sheet and templates" onClick={() => go("paper")}>
          <Printer size={15} aria-hidden />
        </IconButton>
      </div>
    </div>
  )
}

/** Pushes the pelt about with the hand once it is nearer than the whole; a short press still chooses a face. */
function usePan(viewpoint: Viewpoint, setViewpoint: (viewpoint: Viewpoint) => void) {
  const from = useRef<{ at: Point; viewpoint: Viewpoint; far: boolean } | null>(null)
  if (viewpoint.zoom === 1) return {}
  return {
    onPointerDown: (event: PointerEvent) => (from.current = { at: [event.clientX, event.clientY], viewpoint, far: false }),
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      const start = from.current
      if (!start) return
      const [dx, dy] = [event.clientX - start.at[0], event.clientY - start.at[1]]
      if (!start.far && Math.hypot(dx, dy) < 4) return
      if (!start.far) event.currentTarget.setPointerCapture(event.pointerId)
      start.far = true
      setViewpoint({ ...start.viewpoint, x: start.viewpoint.x + dx, y: start.viewpoint.y + dy })
    },
    onPointerUp: () => (from.current = null),
    onPointerCancel: () => (from.current = null),
  }
}

/** The wheel brings nearer; React's own wheel listeners cannot keep the page from scrolling. */
function useWheel(ref: React.RefObject<HTMLDivElement | null>, onTurn: (at: Point, nearer: boolean) => void): void {
  const turn = useRef(onTurn)
  useEffect(() => {
    turn.current = onTurn
  })
  useEffect(() => {
    const element = ref.current
    const listen = (event: WheelEvent) => {
      event.preventDefault()
      const frame = element!.getBoundingClientRect()
      turn.current([event.clientX - frame.left, event.clientY - frame.top], event.deltaY < 0)
    }
    element?.addEventListener("wheel", listen, { passive: false })
    return () => element?.removeEventListener("wheel", listen)
  }, [ref])
}

/** Where north lies on the pelt: the front is to the right, seen from above. */
function Compass({ azimuth, x, y }: { azimuth: number; x: number; y: number }) {
  const turn = (-azimuth * Math.PI) / 180
  return (
    <g
      transform={`translate(${x} ${y})`}
      stroke="var(--graphite)"
      role="img"
      aria-label={`North lies ${Math.round(azimuth)}° anticlockwise of the front`}
    >
      <circle r={13} fill="var(--felt)" strokeWidth={0.8} />
      <path d="M-10 0H11M6 -4L11 0L6 4" fill="none" strokeWidth={1.4} transform={`rotate(${-azimuth})`} />
      <text x={23 * Math.cos(turn)} y={23 * Math.sin(turn)} dy={4} textAnchor="middle" fontSize={11.5} fill="var(--graphite)" stroke="none">
        N
      </text>
    </g>
  )
}

/** In the lower right corner, beside the faces that reach down there. */
function ScaleBar({
  view,
  size,
  faces,
  metric,
}: {
  view: View
  size: { width: number; height: number }
  faces: readonly Face[]
  metric: boolean
}) {
  const low = faces.map((face) => boxOf(outlineOn(face, face.outline, view))).filter((box) => box.y + box.height / 2 > size.height - 34)
  const drawn = Math.max(0, ...low.map((box) => box.x + box.width / 2))
  const end = size.width - 30
  const unit = (metric ? 1 : FOOT) * view.scale
  const count = barLength(unit, end - drawn - 8)
  const width = count * unit
  const [x, y] = [end - width, size.height - 16]
  return (
    <g stroke="var(--graphite)" aria-hidden data-testid="scale-bar">
      <path d={`M${x} ${y}h${width}M${x} ${y - 4}v8M${end} ${y - 4}v8`} fill="none" />
      <text x={x + width / 2} y={y - 8} textAnchor="middle" fontSize={12} fill="var(--graphite)" stroke="none" className="on-hatch">
        {metric ? `${count} m` : `${count} ft`}
      </text>
    </g>
  )
}
