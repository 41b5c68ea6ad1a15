import { COLD_LINES } from "../../overlays/cold-lines"
import { LOSS } from "../../overlays/loss"
import { SKIN } from "../../overlays/skin"
import { breaks, type Station, waitsFor } from "../station"

export const HEAT: Station = {
  id: "heat",
  name: "Heat",
  load: () => import("./heat-station").then((module) => module.HeatStation),
  overlays: (season) => (season === "summer" ? [SKIN, LOSS, COLD_LINES] : [LOSS, SKIN, COLD_LINES]),
  mark: waitsFor((obstacle) => obstacle.kind === "warm-up" || breaks("loss", "gain")(obstacle)),
}
