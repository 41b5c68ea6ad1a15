import { BUILT_R } from "../../overlays/built-r"
import { MATERIALS } from "../../overlays/materials"
import { WEIGHT } from "../../overlays/weight"
import { breaks, type Station, waitsFor } from "../station"

export const BUILD_UPS: Station = {
  id: "build-ups",
  name: "Build-ups",
  load: () => import("./build-ups-station").then((module) => module.BuildUpsStation),
  overlays: () => [MATERIALS, BUILT_R, WEIGHT],
  mark: waitsFor(breaks("height", "weight", "money")),
}
