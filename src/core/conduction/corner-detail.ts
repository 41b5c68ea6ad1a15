import type { BridgeBlock } from "../../schema/bridge"
import { memoised } from "../memoised"
import { air, type Detail, detailOf, INDOORS, OUTDOORS } from "./detail"
import type { Films } from "../assembly/surface-resistance"
import { plainTransmittance, type LayerStack } from "./member-detail"

/** How far the parts beside a detail reach, m. @see ISO 10211:2017, 5.2.2 (cut-off planes: a metre, or three thicknesses) */
export const flankOf = (...sheets: readonly LayerStack[]): number => Math.max(1, ...sheets.map(({ height }) => 3 * height))

/**
 * Two build-ups that meet at a right angle around indoors, measured over all: one lies along the bottom, the other stands on the left.
 * Each sheet runs on into the corner until it meets the other build-up's sheet of the same depth, as boards are mitred.
 */
export const cornerDetail = memoised((lying: LayerStack, standing: LayerStack, films: Films): Detail => {
  const flank = flankOf(lying, standing)
  const [width, height] = [standing.height + flank, lying.height + flank]
  return detailOf(
    ["corner", lying, standing, films],
    plainTransmittance(lying, films) * width + plainTransmittance(standing, films) * height,
    () => ({
      body: {
        width,
        height,
        background: { conductivity: lying.conductivities[0]! },
        blocks: bend(lying, standing, width, height),
        boundaries: [
          { id: "outside", edge: "bottom", temperature: OUTDOORS, resistance: films.outside },
          { id: "outside beside", edge: "left", temperature: OUTDOORS, resistance: films.outside },
        ],
        airs: air("inside", INDOORS, films.inside, { x: standing.height, y: lying.height, width: flank, height: flank }),
      },
      focus: { x: 0, y: 0, width: 2.5 * (lying.height + standing.height), height: 1.4 * (lying.height + standing.height) },
    }),
  )
})

/** Two build-ups that meet, up to a width and a height: one along the bottom, the other up the left, mitred where they cross. */
export const bend = (lying: LayerStack, standing: LayerStack, width: number, height: number): BridgeBlock[] => [
  ...arm(lying, width),
  ...arm(standing, height).map(upended),
  ...mitre(lying, standing),
]

/** Sheets along the bottom. */
function arm(sheets: LayerStack, long: number): BridgeBlock[] {
  return stacked(sheets).map(({ from, thickness, conductivity }) => ({ x: 0, y: from, width: long, height: thickness, conductivity }))
}

const upended = ({ x, y, width, height, ...block }: BridgeBlock): BridgeBlock => ({ ...block, x: y, y: x, width: height, height: width })

/** Where the two cross each piece belongs to the build-up in which it lies nearer to the outside, as a share of its depth. */
function mitre(lying: LayerStack, standing: LayerStack): BridgeBlock[] {
  return stacked(lying).flatMap((low) =>
    stacked(standing).map((side): BridgeBlock => {
      const [depthLow, depthSide] = [middle(low) / lying.height, middle(side) / standing.height]
      const { conductivity } = depthLow <= depthSide ? low : side
      return { x: side.from, y: low.from, width: side.thickness, height: low.thickness, conductivity }
    }),
  )
}

interface Sheet {
  from: number
  thickness: number
  conductivity: number
}

const middle = ({ from, thickness }: Sheet) => from + thickness / 2

function stacked({ thicknesses, conductivities }: LayerStack): Sheet[] {
  let from = 0
  return thicknesses.map((thickness, i) => {
    from += thickness
    return { from: from - thickness, thickness, conductivity: conductivities[i]! }
  })
}
