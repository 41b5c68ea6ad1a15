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
  paint: ({ id }, { gain }, { write, wholeDegrees }) => {
    const hour = gain.atPeak[id]!
    return { words: `${write("power", hour.heat)} in`, figure: wholeDegrees(hour.skin), fill: ramp((hour.skin - 40) / 40) }
  },
  Legend: SkinLegend,
}
