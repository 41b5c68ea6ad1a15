import { massOfLayers } from "../../core/takeoff/content"
import type { Overlay } from "./overlay"

export const WEIGHT: Overlay = {
  id: "weight",
  title: "weight added",
  paint: ({ layers, netArea }, _, { write }) => ({
    words: write("arealMass", massOfLayers(layers)),
    figure: write("mass", massOfLayers(layers) * netArea),
  }),
}
