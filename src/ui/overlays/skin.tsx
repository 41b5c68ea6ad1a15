import { useWriting } from "../writing/writing"
import type { Overlay } from "./overlay"
import { ramp } from "./ramp"

/** What the colours of the skin mean. */
function SkinLegend() {
  const { wholeDegrees } = useWriting()
  return (
    <div className="w-36 shrink-0">
      <div className="flex h-2.5">
        {Array.from({ length: 17 }, (_, i) => (
          <span key={i} className="grow" style={{ background: ramp((i - 8) / 8) }} />
        ))}
      </div>
      <div className="flex justify-between">
        {[0, 40, 80].map((temperature) => (
          <span key={temperature}>{wholeDegrees(temperature)}</span>
        ))}
      </div>
    </div>
  )
}

export const SKIN: Overlay = {
  id: "skin",
  title: "outside surface temperature",
  paint: ({ id }, { gain }, { write, wholeDegrees }, hour) => {
    const { heat, skin } = gain.faces[id]![(hour ?? gain.hour) - 1]!
    const words = `${write("power", Math.abs(heat))} ${heat < 0 ? "out" : "in"}`
    return { words, figure: wholeDegrees(skin), fill: ramp((skin - 40) / 40) }
  },
  Legend: SkinLegend,
}
