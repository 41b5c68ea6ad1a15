import { type Drawing, drawingBounds, type DrawingLayer } from "../../core/takeoff/drawing"

/** m of a unit that drawings are written in. */
export type DrawingUnit = { name: "Millimeters" | "Inches"; sign: "mm" | "in"; size: number }
export const DRAWING_UNITS: Record<"metric" | "inch-pound", DrawingUnit> = {
  metric: { name: "Millimeters", sign: "mm", size: 0.001 },
  "inch-pound": { name: "Inches", sign: "in", size: 0.0254 },
}

/** Colours of the DXF's own table: 7 black or white, 1 red, 8 grey, 5 blue. */
const COLOURS: Record<DrawingLayer, number> = { SHEET: 8, CUT: 7, REST: 8, NUMBER: 5, OUTLINE: 7, OPENING: 1, MEMBER: 8 }
const LAYERS = Object.keys(COLOURS) as DrawingLayer[]

/** A drawing at true size for machines and other programs. @see the DXF reference: LWPOLYLINE and TEXT on layers, units in the header */
export async function dxfOf(drawing: Drawing, { name, size }: DrawingUnit): Promise<string> {
  const { default: Dxf } = await import("dxf-writer")
  const dxf = new Dxf()
  dxf.setUnits(name)
  for (const layer of LAYERS) dxf.addLayer(layer, COLOURS[layer], "CONTINUOUS")
  const told = (value: number) => Math.round((value / size) * 1e4) / 1e4
  for (const { layer, points } of drawing.outlines) {
    dxf.setActiveLayer(layer)
    dxf.drawPolyline(
      points.map(([x, y]): [number, number] => [told(x), told(y)]),
      true,
    )
  }
  for (const { layer, at, height, text } of drawing.words) {
    dxf.setActiveLayer(layer)
    dxf.drawText(told(at[0]), told(at[1]), told(height), 0, text, "center", "middle")
  }
  return dxf.toDxfString()
}

/** The same as a picture whose millimetres are millimetres. */
export function svgOf(drawing: Drawing): string {
  const { left, right, low, high } = drawingBounds(drawing)
  const mm = (value: number) => Math.round(value * 1e5) / 100
  const [width, height] = [mm(right - left), mm(high - low)]
  const at = (x: number, y: number) => `${mm(x - left)} ${mm(high - y)}`
  const lines = drawing.outlines.map(
    ({ layer, points }) =>
      `<path class="${layer}" d="M${points.map(([x, y]) => at(x, y)).join("L")}Z" fill="none" stroke="#000" stroke-width="${layer === "CUT" || layer === "OUTLINE" ? 1 : 0.5}"${layer === "REST" ? ' stroke-dasharray="8 6"' : ""}/>`,
  )
  const words = drawing.words.map(({ at: [x, y], height: tall, text }) => {
    const place = at(x, y).split(" ")
    return `<text x="${place[0]}" y="${place[1]}" font-size="${mm(tall * 1.4)}" font-family="sans-serif" text-anchor="middle" dominant-baseline="central">${escaped(text)}</text>`
  })
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}"><title>${escaped(drawing.name)}</title>${lines.join("")}${words.join("")}</svg>`
}

const escaped = (text: string): string => text.replace(/&/g, "&amp;").replace(/</g, "&lt;").replace(/>/g, "&gt;")
