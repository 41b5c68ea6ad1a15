"use client"
import { useCallback, useEffect, useMemo, useState } from "react"
import { BUILD_UP_FORMAT, type Kept, type KeptBuildUp, type KeptMaterial, type KeptThing, MATERIAL_FORMAT } from "../../schema/kept"
import type { Fault } from "../../schema/outcome"
import { call } from "../job/api"

export interface OnShelf<T extends KeptThing> {
  id: string
  document: T
}

const NOTHING: Kept = { things: [], unreadable: [] }

/** Build-ups and own materials on the shelf, as the server has them. */
export function useKept() {
  const [kept, setKept] = useState(NOTHING)
  const [fault, setFault] = useState<Fault | null>(null)
  const reload = useCallback(async () => {
    const answer = await call<Kept>("GET", "/api/kept")
    if (answer.ok) setKept(answer.value)
    setFault(answer.ok ? null : answer.error)
  }, [])
  useEffect(() => {
    let stopped = false
    void call<Kept>("GET", "/api/kept").then((answer) => {
      if (stopped) return
      if (answer.ok) setKept(answer.value)
      else setFault(answer.error)
    })
    return () => void (stopped = true)
  }, [])
  const [buildUps, materials] = useMemo(
    () => [
      kept.things.filter((one): one is OnShelf<KeptBuildUp> => one.document.format === BUILD_UP_FORMAT),
      kept.things.filter((one): one is OnShelf<KeptMaterial> => one.document.format === MATERIAL_FORMAT),
    ],
    [kept],
  )
  return {
    buildUps,
    materials,
    unreadable: kept.unreadable,
    fault,
    /** @returns why it was not kept */
    keep: async (id: string, document: KeptThing): Promise<Fault | null> => {
      const answer = await call("PUT", `/api/kept/${id}`, document)
      await reload()
      return answer.ok ? null : answer.error
    },
    remove: async (id: string, deleted: boolean): Promise<Fault | null> => {
      const answer = await call("PATCH", `/api/kept/${id}`, { deleted })
      await reload()
      return answer.ok ? null : answer.error
    },
  }
}
