import { BOARDS } from "../../overlays/boards"
import { MATERIALS } from "../../overlays/materials"
import { WEIGHT } from "../../overlays/weight"
import type { Station } from "../station"

export const SHEETS: Station = {
  id: "sheets",
  name: "Sheets",
  load: () => import("./sheets-station").then((module) => module.SheetsStation),
  overlays: () => [BOARDS, MATERIALS, WEIGHT],
  mark: () => null,
}
