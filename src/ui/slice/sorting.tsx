"use client"
import { closestCenter, DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, useSensor, useSensors } from "@dnd-kit/core"
import { SortableContext, sortableKeyboardCoordinates, useSortable, verticalListSortingStrategy } from "@dnd-kit/sortable"
import { type ReactNode, useId } from "react"

/** What a row is told while it can be dragged. */
export type Sortable = ReturnType<typeof useSortable>

/** A list whose rows can be dragged, or moved with the keyboard. @param onMove told which row was dropped on which */
export function Sorting({ ids, onMove, children }: { ids: string[]; onMove: (id: string, to: number) => void; children: ReactNode }) {
  const id = useId()
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const drop = ({ active, over }: DragEndEvent) => {
    const to = ids.indexOf(String(over?.id))
    if (to >= 0) onMove(String(active.id), to)
  }
  return (
    <DndContext id={id} sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  )
}

/** A row of such a list. */
export const SortableRow = ({ id, children }: { id: string; children: (sortable: Sortable) => ReactNode }) => children(useSortable({ id }))
