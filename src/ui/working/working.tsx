"use client"
import { createContext, type ReactNode, useContext, useMemo, useState } from "react"
import { toast } from "../primitives/toast"
import { later } from "../primitives/later"
import type { Shown } from "./working-panel"

export const loadWorkingPanel = () => import("./working-panel").then((module) => module.WorkingPanel)
const WorkingPanel = later(loadWorkingPanel)

const Context = createContext<{ open: (load: () => Promise<Shown>) => void } | null>(null)

export function useWorking() {
  const context = useContext(Context)
  if (!context) throw new Error("There is no working panel around this part of the screen.")
  return context
}

/** Opens any figure into how it was got. */
export function WorkingProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown | null>(null)
  const context = useMemo(() => {
    const away = () => toast("The server does not answer, and this working is not here yet.")
    return { open: (load: () => Promise<Shown>) => void load().then(setShown, away) }
  }, [])
  return (
    <Context.Provider value={context}>
      {children}
      {shown ? <WorkingPanel shown={shown} onClose={() => setShown(null)} /> : null}
    </Context.Provider>
  )
}
