"use client"
import { inSentence } from "../../core/in-sentence"
import { massOfLayers, priceOfLayers } from "../../core/takeoff/content"
import { closestCenter, DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, useSensor, useSensors } from "@dnd-kit/core"
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable"
import { GripVertical } from "lucide-react"
import { useId } from "react"
import { type BuiltLayer, transmittanceLayers } from "../../core/assembly/build-up"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { heatFlowDirection } from "../../core/assembly/surface-resistance"
import { layerResistance } from "../../core/assembly/thermal-transmittance"
import { moveLayer } from "../../edit/assembly-edits"
import { useJobStore, useSelection } from "../job/job-store"
import { useWriting } from "../writing/writing"

const NUMBER = "py-[3px] pl-2 text-right whitespace-nowrap tabular-nums"

/** Heads may break: figures under them do not. */
const HEAD = "max-w-20 py-[3px] pl-2 text-right align-bottom font-normal"

/** The layers as a table, outside to inside: rows are chosen, dragged, or moved with the keyboard. */
export function LayerTable({ figures }: { figures: SurfaceFigures }) {
  const { figure, unit } = useWriting()
  const store = useJobStore()
  const id = useId()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const { layers } = figures
  const direction = heatFlowDirection(figures.face.tilt, true)
  const resistances = transmittanceLayers(layers).map((layer) => layerResistance(layer, direction))
  const drop = ({ active, over }: DragEndEvent) => {
    const to = layers.findIndex((layer) => layer.id === over?.id)
    if (to >= 0) store.edit(moveLayer(figures.assembly, String(active.id), to))
  }
  return (
    <DndContext id={id} sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <div className="overflow-x-auto">
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
          <SortableContext items={layers.map((layer) => layer.id)} strategy={verticalListSortingStrategy}>
            <tbody>
              {layers.map((layer, i) => (
                <Row key={layer.id} layer={layer}>
                  <td className={NUMBER}>{figure("length", layer.layer.thickness)}</td>
                  <td className={NUMBER}>{layer.declaredResistance === null ? "–" : figure("resistance", layer.declaredResistance)}</td>
                  <td className={NUMBER}>{figure("resistance", resistances[i]!)}</td>
                  <td className={NUMBER}>{layer.layer.existing ? "–" : figure("arealMass", massOfLayers([layer]))}</td>
                  <td className={NUMBER}>{layer.layer.existing ? "–" : figure("arealMoney", priceOfLayers([layer]))}</td>
                </Row>
              ))}
            </tbody>
          </SortableContext>
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
    </DndContext>
  )
}

function Row({ layer, children }: { layer: BuiltLayer; children: React.ReactNode }) {
  const store = useJobStore()
  const chosen = useSelection((view) => view.layer === layer.id)
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, isDragging } = useSortable({ id: layer.id })
  return (
    <tr
      ref={setNodeRef}
      data-layer-row={layer.id}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined }}
      className={`${chosen ? "bg-chosen" : ""} ${isDragging ? "relative z-10 bg-sheet shadow" : ""}`}
      onClick={() => store.choose({ layer: layer.id })}
    >
      <td className={`border-l-[3px] ${chosen ? "border-spruce" : "border-transparent"}`}>
        <div className="flex items-center">
          <button
            ref={setActivatorNodeRef}
            {...attributes}
            {...listeners}
            type="button"
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
