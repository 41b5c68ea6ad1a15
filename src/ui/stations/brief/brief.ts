import { DIRECTIONS } from "../../overlays/directions"
import { MEASURES } from "../../overlays/measures"
import type { Station } from "../station"

export const BRIEF: Station = {
  id: "brief",
  name: "Brief",
  load: () => import("./brief-station").then((module) => module.BriefStation),
  overlays: () => [DIRECTIONS, MEASURES],
  mark: (_, limits) => (Object.values(limits).some((limit) => limit !== null) ? "done" : null),
}
