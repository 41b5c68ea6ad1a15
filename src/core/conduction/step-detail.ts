import type { Films } from "../assembly/surface-resistance"
import { memoised } from "../memoised"
import { flankOf } from "./corner-detail"
import { air, type Detail, detailOf, INDOORS, OUTDOORS } from "./detail"
import { layersAlong, type LayerStack, plainTransmittance } from "./member-detail"

/**
 * Two build-ups of one face side by side, flush outside: outdoors below, indoors above and beside what the thicker one stands out. Each runs up
 * to the line between them.
 */
export const stepDetail = memoised((left: LayerStack, right: LayerStack, films: Films): Detail => {
  const flank = flankOf(left, right)
  const [width, height] = [2 * flank, Math.max(left.height, right.height)]
  const [low, from] = left.height < right.height ? [left.height, 0] : [right.height, flank]
  return detailOf(["step", left, right, films], (plainTransmittance(left, films) + plainTransmittance(right, films)) * flank, () => ({
    body: {
      width,
      height,
      background: { conductivity: left.conductivities[0]! },
      blocks: [...layersAlong(left, flank), ...layersAlong(right, flank).map((block) => ({ ...block, x: flank }))],
      boundaries: [
        { id: "outside", edge: "bottom", temperature: OUTDOORS, resistance: films.outside },
        {
          id: "inside",
          edge: "top",
          temperature: INDOORS,
          resistance: films.inside,
          ...(low < height ? { from: flank - from, to: width - from } : {}),
        },
      ],
      airs: air("inside beside", INDOORS, films.inside, { x: from, y: low, width: flank, height: height - low }),
    },
    focus: { x: flank - 1.5 * height, y: 0, width: 3 * height, height },
  }))
})
