"use client"
import { compassPoint } from "../../core/shell/face-name"
import { useJob } from "../job/job-store"
import { useChosenFace } from "./use-figures"
import { useWriting } from "../writing/writing"

/** Name of the chosen face, its size and where it looks. */
export function FaceHeader() {
  const { write } = useWriting()
  const figures = useChosenFace()
  const job = useJob()
  const buildUp = job.variants[job.active]!.assemblies[figures.assembly]!.name
  const { tilt, azimuth } = figures.face
  const far = figures.adjacent
  const looks =
    far.kind === "space"
      ? `against “${far.space.name}”`
      : far.kind === "ground"
        ? "on the ground"
        : tilt === 180
          ? "air below"
          : tilt === 0
            ? "under the sky"
            : `looks ${compassPoint(azimuth)}`
  return (
    <div className="flex flex-wrap items-baseline gap-x-3">
      <h1 className="font-display text-[20px] leading-7 font-bold">{figures.name}</h1>
      <p className="text-graphite">
        {write("area", figures.netArea)} · {looks} · uses “{buildUp}”
      </p>
    </div>
  )
}
