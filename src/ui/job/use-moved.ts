"use client"
import { useEffect } from "react"
import { toast } from "../primitives/toast"
import { useGo } from "../stations/use-go"
import { useWriting } from "../writing/writing"
import { useDocument, useJobStore } from "./job-store"

/** Says what was undone or redone, one notice for all that follow each other, and brings its place into view. */
export function useMoved(): void {
  const store = useJobStore()
  const go = useGo()
  const { write } = useWriting()
  const moved = useDocument((view) => view.moved)
  useEffect(() => {
    if (!moved) return
    // Fetched when it is first wanted; away from the server an undo is not put into words.
    void import("../../edit/revision-words").then(
      ({ revisionPlace, revisionWords }) => {
        // What was moved meanwhile says its own.
        if (store.document.getState().moved !== moved) return
        const { document } = store.document.getState().history
        toast(`${moved.by === "undo" ? "Undone" : "Redone"}: ${revisionWords(moved.revision, document, write)}`, { id: "moved" })
        const place = revisionPlace(moved.revision, document)
        if (!place) return
        const { face, layer = null, part = null } = place
        store.choose({ ...(face && { face }), layer, part })
        go(place.station)
      },
      () => null,
    )
  }, [moved, store, go, write])
}
