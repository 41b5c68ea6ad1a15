"use client"
import { createContext, type ReactNode, useContext, useMemo, useState } from "react"
import type { WhatIf } from "../../core/trials/what-if"
import type { Working } from "../../core/working"
import { later } from "../primitives/later"
import type { Shown } from "./working-panel"

export const loadWorkingPanel = () => import("./working-panel").then((module) => module.WorkingPanel)
const WorkingPanel = later(loadWorkingPanel)

const Context = createContext<{ open: (working: Working, whatIf?: WhatIf[]) => void } | null>(null)

export function useWorking() {
  const context = useContext(Context)
  if (!context) throw new Error("There is no working panel around this part of the screen.")
  return context
}

/** Opens any figure into how it was got. */
export function WorkingProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown | null>(null)
  const context = useMemo(() => ({ open: (working: Working, whatIf: WhatIf[] = []) => setShown({ working, whatIf }) }), [])
  return (
    <Context.Provider value={context}>
      {children}
      {shown ? <WorkingPanel shown={shown} onClose={() => setShown(null)} /> : null}
    </Context.Provider>
  )
}
