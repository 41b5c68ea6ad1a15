import { clearNights } from "../../core/moisture/clear-night"
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
  paint: (surface, ledger, { write, wholeDegrees }, { season, hour, skins }) => {
    const inked = (skin: number, words: string) => ({ words, figure: wholeDegrees(skin), fill: ramp((skin - 40) / 40) })
    if (skins) return surface.id in skins ? inked(skins[surface.id]!, "at that hour") : { words: "on the ground" }
    if (season === "winter") {
      const [night] = clearNights(surface, ledger.conditions)
      return night ? inked(night.skin, "on a clear night") : { words: "sees no sky" }
    }
    const { heat, skin } = ledger.gain.faces[surface.id]![(hour ?? ledger.gain.hour) - 1]!
    return inked(skin, `${write("power", Math.abs(heat))} ${heat < 0 ? "out" : "in"}`)
  },
  Legend: SkinLegend,
}
