"use client"
import { printWithUnit } from "../../core/quantity/measure"
import { compassPoint } from "../../core/shell/face-name"
import { useJob } from "../job/job-store"
import { useChosenFace } from "./use-figures"

/** Name of the chosen face, its size and where it looks. */
export function FaceHeader() {
  const figures = useChosenFace()
  const job = useJob()
  const wears = job.variants[job.active]!.assemblies[figures.assembly]!.name
  const { tilt, azimuth } = figures.face
  const looks =
    tilt === 180 ? (figures.ground ? "on the ground" : "air below") : tilt === 0 ? "under the sky" : `looks ${compassPoint(azimuth)}`
  return (
    <div className="flex flex-wrap items-baseline gap-x-3">
      <h1 className="font-display text-[20px] leading-7 font-bold">{figures.name}</h1>
      <p className="text-graphite">
        {printWithUnit("area", figures.netArea, job.units)} ·{" "}
        {job.shell.setting === "indoors" && tilt < 180 ? "in another building" : looks} · wears “{wears}”
      </p>
    </div>
  )
}
