"use client"
import { membersOf } from "../../core/assembly/build-up"
import { Canvas, type ThreeEvent, useThree } from "@react-three/fiber"
import { type KeyboardEvent, useEffect, useMemo, useRef } from "react"
import { type BufferGeometry, DoubleSide, FrontSide, Spherical, Vector3 } from "three"
import { OrbitControls } from "three/examples/jsm/controls/OrbitControls.js"
import { LineMaterial } from "three/examples/jsm/lines/LineMaterial.js"
import { LineSegments2 } from "three/examples/jsm/lines/LineSegments2.js"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { boxInSpace, foldedUp, type SpacePoint } from "../../core/shell/body"
import type { Point } from "../../core/shell/face"
import { framingOn } from "../../core/shell/framing"
import { notchStrips } from "../../core/shell/notch"
import { rectangleCorners } from "../../core/shell/polygon"
import { greatestHeight } from "../../core/shell/size"
import type { Shell } from "../../schema/job/shell"
import { useJob, useJobStore, useSelection } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import type { Overlay, Paint } from "../overlays/overlay"
import { useMoment } from "../overlays/use-moment"
import { useWriting } from "../writing/writing"
import { useTheme } from "../primitives/use-theme"
import { hatchTexture, spaceColour } from "./colours"
import { edgesOf, piecesGeometry } from "./geometry"

/** Turn of an arrow key, radians. */
const TURN = Math.PI / 18

/** The pelt folded up: a body that is turned by the hand or the arrow keys, with the pelt's paint and with its selection. */
export function Body({ overlay, within }: { overlay: Overlay; within: boolean }) {
  const writing = useWriting()
  const job = useJob()
  const ledger = useLedger()
  const chosen = useSelection((view) => view.face)
  const moment = useMoment()
  const controls = useRef<OrbitControls>(null)
  const { form } = job.shell
  const middle = useMemo(() => new Vector3(form.length / 2, greatestHeight(form) / 2, -form.width / 2), [form])
  return (
    <div
      tabIndex={0}
      role="img"
      aria-label={`${job.name} as a body in space; ${ledger.surfaces.find(({ id }) => id === chosen)!.name} is chosen. Arrow keys turn it.`}
      className="h-full"
      data-testid="body"
      onKeyDown={(event) => turned(controls.current, event)}
    >
      <Canvas frameloop="demand" flat camera={{ fov: 32, near: 0.05, far: 1000 }}>
        <Turning middle={middle} reach={middle.length()} controlsRef={controls} />
        {ledger.surfaces.map((figures) => (
          <BodyFace
            key={figures.id}
            figures={figures}
            shell={job.shell}
            paint={overlay.paint(figures, ledger, writing, moment)}
            chosen={figures.id === chosen}
            within={within}
          />
        ))}
        <Boxes shell={job.shell} />
      </Canvas>
    </div>
  )
}

function turned(controls: OrbitControls | null, event: KeyboardEvent): void {
  const ways: Record<string, [number, number]> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }
  const way = ways[event.key]
  if (!controls || !way) return
  event.preventDefault()
  const { object, target } = controls
  const place = new Spherical().setFromVector3(object.position.clone().sub(target))
  place.theta += way[0] * TURN
  place.phi = Math.min(Math.PI - 0.01, Math.max(0.01, place.phi + way[1] * TURN))
  object.position.setFromSpherical(place).add(target)
  controls.update()
}

/** Camera and hand: it begins with the front to the right, as the pelt has it, and from above. */
function Turning({ middle, reach, controlsRef }: { middle: Vector3; reach: number; controlsRef: React.RefObject<OrbitControls | null> }) {
  const { camera, gl, invalidate } = useThree()
  useEffect(() => {
    const own = new OrbitControls(camera, gl.domElement)
    own.enablePan = false
    own.addEventListener("change", () => invalidate())
    controlsRef.current = own
    return () => own.dispose()
  }, [camera, gl, invalidate, controlsRef])
  useEffect(() => {
    const own = controlsRef.current!
    camera.position.copy(middle).add(new Vector3(0.45, 0.55, 1).normalize().multiplyScalar(reach * 3.2))
    own.target.copy(middle)
    own.update()
    invalidate()
  }, [camera, middle, reach, controlsRef, invalidate])
  return null
}

interface BodyFaceProps {
  figures: SurfaceFigures
  shell: Shell
  paint: Paint
  chosen: boolean
  within: boolean
}

/** One face in space, with its members and openings; a press chooses it. */
function BodyFace({ figures, shell, paint, chosen, within }: BodyFaceProps) {
  const store = useJobStore()
  const theme = useTheme()
  const { face } = figures
  const shapes = useShapes(figures, shell)
  const look = useMemo(() => {
    const plain = paint.fill ?? (chosen ? "var(--chosen)" : "var(--sheet)")
    return {
      theme,
      hatch: paint.hatch ? hatchTexture(paint.hatch, plain) : null,
      face: spaceColour(plain),
      member: spaceColour("var(--member)"),
      opening: spaceColour("var(--felt)"),
    }
  }, [theme, paint.fill, paint.hatch, chosen])
  useEffect(() => () => look.hatch?.dispose(), [look])
  const side = within ? FrontSide : DoubleSide
  const onClick = (event: ThreeEvent<MouseEvent>) => {
    event.stopPropagation()
    // Letting go after a turn is no choice.
    if (event.delta < 4) store.choose({ face: face.id, layer: null, part: null })
  }
  return (
    <group onClick={onClick}>
      <mesh geometry={shapes.face}>
        <meshBasicMaterial
          key={look.hatch ? "hatched" : "plain"}
          side={side}
          polygonOffset
          polygonOffsetFactor={2}
          polygonOffsetUnits={2}
          {...(look.hatch ? { map: look.hatch } : { color: look.face })}
        />
      </mesh>
      <mesh geometry={shapes.members}>
        <meshBasicMaterial color={look.member} side={side} polygonOffset polygonOffsetFactor={1} polygonOffsetUnits={1} />
      </mesh>
      <mesh geometry={shapes.openings}>
        <meshBasicMaterial color={look.opening} side={side} />
      </mesh>
      <Edges of={shapes.openings} colour="var(--graphite)" width={1} />
      <Edges of={shapes.face} colour={chosen ? "var(--spruce)" : "var(--ink)"} width={chosen ? 3.2 : 1.3} />
    </group>
  )
}

/** Wheel boxes and steps, which stand in the room. */
function Boxes({ shell: { boxes, form } }: { shell: Shell }) {
  const theme = useTheme()
  const shape = useMemo(() => piecesGeometry(Object.values(boxes).flatMap((box) => boxInSpace(box, form))), [boxes, form])
  const colour = useMemo(() => ({ theme, fill: spaceColour("var(--felt)") }), [theme])
  useEffect(() => () => shape.dispose(), [shape])
  return (
    <>
      <mesh geometry={shape}>
        <meshBasicMaterial side={DoubleSide} color={colour.fill} polygonOffset polygonOffsetFactor={1} polygonOffsetUnits={1} />
      </mesh>
      <Edges of={shape} colour="var(--ink)" width={1} />
    </>
  )
}

/** Shapes of a face, made anew when its own geometry changes. */
function useShapes({ face, region, box, openings, layers }: SurfaceFigures, shell: Shell) {
  const shapes = useMemo(() => {
    const fold = (outlines: readonly (readonly Point[])[]): SpacePoint[][] =>
      outlines.flatMap((outline) => foldedUp(shell.form, face, outline))
    const members = membersOf(layers).flatMap(({ set }) => framingOn(shell, { face, region }, set).members.map(({ outline }) => outline))
    const missing = Object.values(shell.notches)
      .filter((notch) => notch.face === face.id)
      .flatMap((notch) => notchStrips(face, notch))
    return {
      face: piecesGeometry(box === null ? fold([region.outline]) : boxInSpace(shell.boxes[box]!, shell.form)),
      members: piecesGeometry(fold(members)),
      openings: piecesGeometry(fold([...openings.map(({ opening }) => rectangleCorners(opening)), ...missing])),
    }
  }, [face, region, box, openings, layers, shell])
  useEffect(() => () => Object.values(shapes).forEach((shape) => shape.dispose()), [shapes])
  return shapes
}

/** Lines along the edges of a shape, as thick in px as they are asked for. */
function Edges({ of, colour, width }: { of: BufferGeometry; colour: string; width: number }) {
  const theme = useTheme()
  const lines = useMemo(() => {
    const material = new LineMaterial({ linewidth: width, color: spaceColour(colour).getHex() })
    return { theme, drawing: new LineSegments2(edgesOf(of), material) }
  }, [of, colour, width, theme])
  useEffect(
    () => () => {
      lines.drawing.geometry.dispose()
      lines.drawing.material.dispose()
    },
    [lines],
  )
  return <primitive object={lines.drawing} raycast={() => null} />
}
