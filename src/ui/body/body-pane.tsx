"use client"
import { emblemOf } from "../../core/enclosure/emblem"
import { useState } from "react"
import { useLedger } from "../job/use-ledger"
import { SmallPelt } from "../pelt/small-pelt"
import { useOverlay } from "../overlays/use-overlay"
import { later } from "../primitives/later"
import type { Station } from "../stations/station"
import { Tabs } from "../primitives/tabs"

/** The drawing in space is heavy and comes only when it is looked at. */
const Body = later(() => import("./body").then((module) => module.Body), <p className="text-graphite">Folding it up …</p>)

/** Whether this browser draws in space at all; asked once. */
let known: boolean | undefined
function drawsInSpace(): boolean {
  known ??= document.createElement("canvas").getContext("webgl2") !== null
  return known
}

/** The assembled body; where there is no WebGL, the pelt again. */
export function BodyPane({ station }: { station: Station }) {
  const { surfaces } = useLedger()
  const { overlay } = useOverlay(station)
  const [look, setLook] = useState<"outside" | "within">("outside")
  const [able] = useState(drawsInSpace)
  if (!able)
    return (
      <div className="grid justify-items-center gap-2" data-testid="no-body">
        <SmallPelt emblem={emblemOf(surfaces)} width={420} height={280} />
        <p className="text-graphite">This browser cannot draw bodies in space (it has no WebGL); the pelt shows the same, folded flat.</p>
      </div>
    )
  return (
    <div className="grid gap-1">
      <div className="flex justify-end">
        <Tabs
          label="Seen from"
          value={look}
          options={[
            { value: "outside", name: "from outside" },
            { value: "within", name: "looking in" },
          ]}
          onChange={setLook}
        />
      </div>
      <div className="h-[300px]">
        <Body overlay={overlay} within={look === "within"} />
      </div>
    </div>
  )
}
