import { place } from "../../core/enclosure/place"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import type { Ledger } from "../../core/ledger/ledger"
import type { Overlay } from "./overlay"
import { ramp } from "./ramp"

/** Heat through a surface itself, without its openings, W. */
const heatThrough = ({ id }: SurfaceFigures, { loss }: Ledger): number => loss.parts.find((part) => part.place === place.surface(id))!.heat

const flux = (surface: SurfaceFigures, ledger: Ledger): number => heatThrough(surface, ledger) / (surface.netArea || 1)

export const LOSS: Overlay = {
  id: "loss",
  title: "where heat is lost",
  paint: (surface, ledger, { write }) => {
    const greatest = Math.max(...ledger.surfaces.map((one) => flux(one, ledger)))
    return {
      words: write("heatFlux", flux(surface, ledger)),
      figure: write("power", heatThrough(surface, ledger)),
      fill: ramp(flux(surface, ledger) / (greatest || 1)),
    }
  },
}
