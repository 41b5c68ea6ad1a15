"use client"
import { inSentence } from "../../core/in-sentence"
import { massOfLayers, priceOfLayers } from "../../core/takeoff/content"
import { GripVertical } from "lucide-react"
import { type ReactNode, useCallback, useEffect, useLayoutEffect, useRef, useState } from "react"
import { type BuiltLayer, transmittanceLayers } from "../../core/assembly/build-up"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { heatFlowDirection } from "../../core/assembly/surface-resistance"
import { layerResistance } from "../../core/assembly/thermal-transmittance"
import { moveLayer } from "../../edit/assembly-edits"
import { useJobStore, useSelection } from "../job/job-store"
import { loadSorting } from "./load-sorting"
import type { Sortable } from "./sorting"
import { thicknessText } from "../writing/thickness"
import { useWriting } from "../writing/writing"

const NUMBER = "py-[3px] pl-2 text-right whitespace-nowrap tabular-nums"

/** Heads may break: figures under them do not. */
const HEAD = "max-w-20 py-[3px] pl-2 text-right align-bottom font-normal"

/** The layers as a table, outside to inside: rows are chosen, dragged, or moved with the keyboard. */
export function LayerTable({ figures }: { figures: SurfaceFigures }) {
  const { figure, unit } = useWriting()
  const store = useJobStore()
  const { sorting, fetch } = useSorting()
  const { layers } = figures
  const direction = heatFlowDirection(figures.face.tilt, true)
  const resistances = transmittanceLayers(layers).map((layer) => layerResistance(layer, direction))
  const Frame = sorting?.Sorting ?? PlainFrame
  const cellsOf = (layer: BuiltLayer, i: number) => (
    <>
      <td className={NUMBER}>{thicknessText(layer.layer, figure)}</td>
      <td className={NUMBER}>{layer.declaredResistance === null ? "–" : figure("resistance", layer.declaredResistance)}</td>
      <td className={NUMBER}>{figure("resistance", resistances[i]!)}</td>
      <td className={NUMBER}>{layer.layer.existing ? "–" : figure("arealMass", massOfLayers([layer]))}</td>
      <td className={NUMBER}>{layer.layer.existing ? "–" : figure("arealMoney", priceOfLayers([layer]))}</td>
    </>
  )
  return (
    <Frame ids={layers.map(({ id }) => id)} onMove={(id, to) => store.edit(moveLayer(figures.assembly, id, to))}>
      <div
        className="overflow-x-auto"
        onFocus={(event) => !sorting && event.target.matches(":focus-visible") && fetch()}
        data-sortable={sorting !== null}
      >
        <table className="w-full border-collapse text-dense">
          <caption className="sr-only">Layers of the {figures.name}, outside to inside</caption>
          <thead className="text-graphite">
            <tr className="border-b border-seam">
              <th className="py-1 pl-6 text-left font-normal">outside to inside</th>
              <th className={HEAD}>{unit("length")}</th>
              <th className={HEAD}>R of the label</th>
              <th className={HEAD}>R between members</th>
              <th className={HEAD}>{unit("arealMass")}</th>
              <th className={HEAD}>{unit("arealMoney")}</th>
            </tr>
          </thead>
          <tbody>
            {layers.map((layer, i) =>
              sorting ? (
                <sorting.SortableRow key={layer.id} id={layer.id}>
                  {(sortable) => (
                    <Row layer={layer} sortable={sortable}>
                      {cellsOf(layer, i)}
                    </Row>
                  )}
                </sorting.SortableRow>
              ) : (
                <Row key={layer.id} layer={layer} sortable={null}>
                  {cellsOf(layer, i)}
                </Row>
              ),
            )}
          </tbody>
          <tfoot>
            <tr className="border-t border-ink text-graphite">
              <th className="pt-1 pl-6 text-left font-normal">Between members, with air films</th>
              <td className={NUMBER} />
              <td className={NUMBER} />
              <td className={NUMBER}>{figure("resistance", figures.cavityResistance)}</td>
              <td className={NUMBER} />
              <td className={NUMBER} />
            </tr>
            <tr>
              <th className="pb-1 pl-6 text-left font-semibold">Whole {figures.face.part}, with air films and framing</th>
              <td className={NUMBER}>{figure("length", figures.winter.thickness)}</td>
              <td className={NUMBER}>{figure("resistance", figures.declaredResistance)}</td>
              <td className={`${NUMBER} font-bold`}>{figure("resistance", figures.totalResistance)}</td>
              <td className={NUMBER}>{figure("arealMass", massOfLayers(figures.layers))}</td>
              <td className={NUMBER}>{figure("arealMoney", priceOfLayers(figures.layers))}</td>
            </tr>
          </tfoot>
        </table>
      </div>
    </Frame>
  )
}

const PlainFrame = ({ children }: { ids: string[]; onMove: (id: string, to: number) => void; children: ReactNode }) => children

/** Rows can be dragged after so long, or when one of them is gone to by key, ms. */
const AFTER = 2000

/** What drags the rows, once it is there; rows that it takes over keep the focus that they had, and none is changed under a finger. */
function useSorting() {
  const [sorting, setSorting] = useState<Awaited<ReturnType<typeof loadSorting>> | null>(null)
  const focused = useRef<string | null>(null)
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined)
  const fetch = useCallback(() => {
    const take = (module: Awaited<ReturnType<typeof loadSorting>>) => {
      if (document.querySelector("[data-layer-row]:active")) return void (timer.current = setTimeout(() => take(module), 100))
      const active = document.activeElement
      const row = active?.closest<HTMLElement>("[data-layer-row]")?.dataset.layerRow
      const button = active?.hasAttribute("aria-pressed") ? "[aria-pressed]" : "[data-grip]"
      focused.current = row ? `[data-layer-row="${CSS.escape(row)}"] ${button}` : null
      setSorting(module)
    }
    void loadSorting().then(take, () => null)
  }, [])
  useEffect(() => {
    timer.current = setTimeout(fetch, AFTER)
    return () => clearTimeout(timer.current)
  }, [fetch])
  useLayoutEffect(() => {
    if (sorting && focused.current) document.querySelector<HTMLElement>(focused.current)?.focus()
  }, [sorting])
  return { sorting, fetch }
}

function Row({ layer, sortable, children }: { layer: BuiltLayer; sortable: Sortable | null; children: ReactNode }) {
  const store = useJobStore()
  const chosen = useSelection((view) => view.layer === layer.id)
  const { transform = null, isDragging = false } = sortable ?? {}
  return (
    <tr
      ref={sortable?.setNodeRef}
      data-layer-row={layer.id}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined }}
      className={`${chosen ? "bg-chosen" : ""} ${isDragging ? "relative z-10 bg-sheet shadow" : ""}`}
      onClick={() => store.choose({ layer: layer.id })}
    >
      <td className={`border-l-[3px] ${chosen ? "border-spruce" : "border-transparent"}`}>
        <div className="flex items-center">
          <button
            ref={sortable?.setActivatorNodeRef}
            {...sortable?.attributes}
            {...sortable?.listeners}
            type="button"
            data-grip
            aria-label={`Move ${layer.material.name}`}
            className="w-5 touch-none text-graphite"
          >
            <GripVertical size={14} aria-hidden />
          </button>
          <button type="button" aria-pressed={chosen} className="py-[3px] text-left" onClick={() => store.choose({ layer: layer.id })}>
            {layer.material.name}
            {layer.members.map(({ id, set }) => (
              <span key={id} className="text-graphite">
                , between {inSentence(set.name)}
              </span>
            ))}
            {layer.layer.existing ? <span className="text-graphite">, there already</span> : null}
          </button>
        </div>
      </td>
      {children}
    </tr>
  )
}
