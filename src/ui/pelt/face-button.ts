import type { KeyboardEvent } from "react"
import type { SurfaceId } from "../../core/enclosure/surface"
import type { Paint } from "../overlays/overlay"

/** What makes the drawing of a surface a button that chooses it. */
export const faceButton = (
  { id, name }: { id: SurfaceId; name: string },
  paint: Paint,
  chosen: boolean,
  onChoose: (surface: SurfaceId) => void,
) => ({
  role: "button",
  tabIndex: 0,
  "aria-pressed": chosen,
  "aria-label": `${name}, ${paint.figure ? `${paint.figure}, ` : ""}${paint.words}`,
  "data-face": id,
  className: "group cursor-pointer",
  onClick: () => onChoose(id),
  onKeyDown: (event: KeyboardEvent) => {
    if (event.key !== "Enter" && event.key !== " ") return
    event.preventDefault()
    onChoose(id)
  },
})
