import { COLD_LINES } from "../../overlays/cold-lines"
import { DAMP as STAYS_DRY } from "../../overlays/damp"
import { MATERIALS } from "../../overlays/materials"
import { type Station, waitsFor } from "../station"

export const DAMP: Station = {
  id: "damp",
  name: "Damp",
  load: () => import("./damp-station").then((module) => module.DampStation),
  overlays: () => [STAYS_DRY, COLD_LINES, MATERIALS],
  mark: waitsFor(({ kind }) => kind === "damp"),
}
