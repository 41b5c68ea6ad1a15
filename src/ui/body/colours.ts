import { CanvasTexture, Color, RepeatWrapping, SRGBColorSpace } from "three"
import type { MaterialClass } from "../../schema/material"
import { TILES } from "../pelt/hatches"
import { resolvedColour } from "../primitives/use-theme"

/** Any CSS colour, tokens and mixtures included, for the drawing in space. */
export function spaceColour(css: string): Color {
  const pen = onePixel()
  pen.fillStyle = resolvedColour(css)
  pen.fillRect(0, 0, 1, 1)
  const [red, green, blue] = pen.getImageData(0, 0, 1, 1).data
  return new Color().setRGB(red! / 255, green! / 255, blue! / 255, SRGBColorSpace)
}

function onePixel(): CanvasRenderingContext2D {
  const canvas = document.createElement("canvas")
  canvas.width = canvas.height = 1
  return canvas.getContext("2d", { willReadFrequently: true })!
}

/** A tile of a material's hatching on its ground, to be repeated. */
export function hatchTexture(kind: MaterialClass, ground: string): CanvasTexture | null {
  if (kind === "air") return null
  const { width, height, lines, weight, dash, full } = TILES[kind]
  const scale = 6
  const canvas = document.createElement("canvas")
  canvas.width = width * scale
  canvas.height = height * scale
  const pen = canvas.getContext("2d")!
  pen.fillStyle = resolvedColour(full ? "var(--ink)" : ground)
  pen.fillRect(0, 0, canvas.width, canvas.height)
  pen.scale(scale, scale)
  pen.strokeStyle = resolvedColour("var(--hatch)")
  pen.lineWidth = weight
  pen.lineCap = dash ? "butt" : "round"
  pen.setLineDash(dash ?? [])
  pen.stroke(new Path2D(lines))
  const texture = new CanvasTexture(canvas)
  texture.colorSpace = SRGBColorSpace
  texture.wrapS = texture.wrapT = RepeatWrapping
  texture.anisotropy = 4
  return texture
}
