"use client"
import { type ReactNode, useState } from "react"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { compassPoint } from "../../../core/shell/face-name"
import { polygonCentre, polygonPerimeter } from "../../../core/shell/polygon"
import type { Parts } from "../../../edit/shell-edits"
import type { Station } from "../station"
import { Elevation } from "../../elevation/elevation"
import { useSelection } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { later } from "../../primitives/later"
import { Remark } from "../../primitives/remark"
import { Tabs } from "../../primitives/tabs"
import { useChosenFace } from "../use-figures"
import { Measures } from "./measures"
import { useWriting } from "../../writing/writing"

// Each list is fetched when it is first looked at; the measures are what the station opens with.
const BodyPane = later(() => import("../../body/body-pane").then((module) => module.BodyPane))
const FaceMembers = later(() => import("./face-members").then((module) => module.FaceMembers))
const Openings = later(() => import("./openings").then((module) => module.Openings))
const FloorParts = later(() => import("./floor-parts").then((module) => module.FloorParts))
const Zones = later(() => import("./zones").then((module) => module.Zones))
const Penetrations = later(() => import("./penetrations").then((module) => module.Penetrations))
const Surroundings = later(() => import("./surroundings").then((module) => module.Surroundings))
const Inside = later(() => import("./inside").then((module) => module.Inside))

const TABS = [
  { value: "measures", name: "measures", Pane: Measures },
  { value: "openings", name: "openings", Pane: Openings },
  { value: "boxes", name: "wheel boxes", Pane: FloorParts },
  { value: "zones", name: "zones", Pane: Zones },
  { value: "through", name: "pipes and bolts", Pane: Penetrations },
  { value: "members", name: "members", Pane: FaceMembers },
  { value: "around", name: "surroundings", Pane: Surroundings },
  { value: "inside", name: "clear space", Pane: Inside },
] as const
type Tab = (typeof TABS)[number]["value"]

const DRAWINGS = [
  { value: "face", name: "this face" },
  { value: "body", name: "folded up" },
] as const

/** Where each list of parts is changed. */
const HOMES: Record<keyof Parts, Tab> = {
  openings: "openings",
  boxes: "boxes",
  notches: "boxes",
  zones: "zones",
  penetrations: "through",
  spaces: "around",
  levels: "inside",
  fits: "inside",
  loads: "inside",
  readings: "measures",
}

/** The enclosure as it was measured: the chosen face with its lengths, and all that can be said of the shell. */
export function ShellStation({ station }: { station: Station }) {
  const { misfits } = useLedger()
  const figures = useChosenFace()
  const part = useSelection((view) => view.part)
  const [tab, setTab] = useState<Tab>(part ? HOMES[part.list] : "measures")
  const [drawing, setDrawing] = useState<(typeof DRAWINGS)[number]["value"]>("face")
  const [seen, setSeen] = useState(part)
  const { Pane } = TABS.find(({ value }) => value === tab)!
  // Whatever is chosen on the pelt opens where it can be changed.
  if (part !== seen) {
    setSeen(part)
    if (part) setTab(HOMES[part.list])
  }
  return (
    <div className="station gap-3">
      <FaceLine figures={figures}>
        <Tabs label="Drawing" value={drawing} options={DRAWINGS} onChange={setDrawing} />
      </FaceLine>
      {drawing === "face" ? <Elevation figures={figures} /> : <BodyPane station={station} />}
      {misfits.map(({ message }) => (
        <Remark key={message} kind="remark" title={message} />
      ))}
      <div className="border-t border-seam pt-2">
        <Tabs label="Of the shell" value={tab} options={TABS} onChange={setTab} />
      </div>
      <Pane />
    </div>
  )
}

/** What a face is by itself: its size, where its middle lies, which way it looks. */
function FaceLine({ figures, children }: { figures: SurfaceFigures; children: ReactNode }) {
  const { length, write } = useWriting()
  const { face, region, box, name, area, netArea } = figures
  const outline = box === null ? region.outline : face.outline
  const [x, y] = polygonCentre(outline)
  return (
    <div>
      <div className="flex items-baseline justify-between gap-4">
        <h1 className="font-display text-[20px] leading-7 font-bold">{name}</h1>
        {children}
      </div>
      <p className="text-graphite" data-testid="face-line">
        {write("area", area)}, of it {write("area", netArea)} without openings ·{" "}
        {box === null
          ? `${length(polygonPerimeter(outline))} around · middle ${length(x)} from the left, ${length(y)} up · `
          : "side, top and ends of the box · "}
        tilt {Math.round(face.tilt)}°
        {face.tilt > 0 && face.tilt < 180 ? ` · looks ${compassPoint(face.azimuth)}, ${Math.round(face.azimuth)}°` : ""}
      </p>
    </div>
  )
}
