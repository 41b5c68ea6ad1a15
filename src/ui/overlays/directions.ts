import { compassPoint } from "../../core/shell/face-name"
import type { Overlay } from "./overlay"

export const DIRECTIONS: Overlay = {
  id: "directions",
  title: "which way it faces",
  paint: ({ face: { tilt, azimuth } }) => ({ words: tilt === 180 ? "below" : tilt === 0 ? "above" : compassPoint(azimuth) }),
}
