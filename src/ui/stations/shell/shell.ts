import { DIRECTIONS } from "../../overlays/directions"
import { LOSS } from "../../overlays/loss"
import { MATERIALS } from "../../overlays/materials"
import { MEASURES } from "../../overlays/measures"
import { type Station, waitsFor } from "../station"

export const SHELL: Station = {
  id: "shell",
  name: "Shell",
  load: () => import("./shell-station").then((module) => module.ShellStation),
  overlays: () => [MEASURES, DIRECTIONS, MATERIALS, LOSS],
  shapes: true,
  mark: waitsFor(({ kind }) => kind === "misfit"),
}
