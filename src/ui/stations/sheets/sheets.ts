import { BOARDS } from "../../overlays/boards"
import { MATERIALS } from "../../overlays/materials"
import { WEIGHT } from "../../overlays/weight"
import { later } from "../../primitives/later"
import type { Station } from "../station"

export const SHEETS: Station = {
  id: "sheets",
  name: "Sheets",
  load: () => import("./sheets-station").then((module) => module.SheetsStation),
  overlays: () => [BOARDS, MATERIALS, WEIGHT],
  ledger: { Cells: later(() => import("./sheet-cells").then((module) => module.SheetCells)), instead: ["gain", "loss", "year"] },
  mark: () => null,
}
