import { stack, timber } from "../layers"
import { ready, type ReadyBuildUp, type ReadyParts } from "./ready"

const CABIN_SKIN = stack`aluminium 1`
const studs = timber("Studs", 0.038, 0.4)
const rafters = timber("Rafters", 0.038, 0.4)

const inCabin = (between: typeof studs, fibre: number): readonly ReadyBuildUp[] => [
  ready("closed", "The usual frame: cheap and light; one hole in the membrane and the skin rains inside.")`
      ${CABIN_SKIN}, glass-wool ${fibre} between ${between}, foil-membrane 0.3, birch-plywood 4`,
  ready("smart", "As the tight membrane, but it opens in a damp summer and lets the frame dry inward.")`
      ${CABIN_SKIN}, wood-fibre-batt ${fibre} between ${between}, smart-membrane 0.3, birch-plywood 4`,
  ready("outside", "The frame stays warm and can be seen; foam lies unbroken outside of it, and the cabin grows outward.")`
      ${CABIN_SKIN}, xps 50, foil-membrane 0.3, birch-plywood 9`,
  ready("closed-cell", "Most R in little depth, and it stiffens the frame; it cannot be undone.")`
      ${CABIN_SKIN}, spray-closed 40 between ${between}, birch-plywood 4`,
  ready("open-cell", "The same R in more depth for less money; open to vapour, so it needs the membrane.")`
      ${CABIN_SKIN}, spray-open 75 between ${between}, foil-membrane 0.3, birch-plywood 4`,
]

/** Of campers, trailers and cabins. */
export const CABIN: ReadyParts = {
  wall: inCabin(studs, 45),
  roof: [
    ...inCabin(rafters, 60),
    ready("vented", "The sheet stands off on battens, open at both ends: what leaks up is carried off, and the sun’s heat with it.")`
      ${CABIN_SKIN}, air 20 vented, roof-underlay 0.6, glass-wool 60 between ${rafters}, smart-membrane 0.3, birch-plywood 4`,
    ready("unvented", "Foam under the sheet, right through over the frame: thin, quiet, no gap to keep open; it must be tight inside.")`
      ${CABIN_SKIN}, polyiso 40, foil-membrane 0.3, birch-plywood 9`,
  ],
  floor: [
    ready(
      "carried",
      "Unbroken below the frame and out of the way; it must bear spray and stones, so it is faced.",
      "Foam under the joists",
    )`
      aluminium 1, xps 50, softwood-plywood 15, vinyl-floor 2`,
    ready("carried", "No joists at all: boards between two sheets; the foam must bear feet and stove for years.")`
      softwood-plywood 9, xps-heavy 60, birch-plywood 12`,
  ],
}
