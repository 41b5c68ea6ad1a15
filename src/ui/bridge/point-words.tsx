"use client"
import { coldSurface } from "../../core/moisture/cold-surface"
import type { PointBridge } from "../../core/enclosure/point-bridge"
import { useLedger } from "../job/use-ledger"
import { Remark } from "../primitives/remark"
import { useWriting } from "../writing/writing"

/** How cold what runs through a face is where it comes in, and how that was got. */
export function PointWords({ point }: { point: PointBridge }) {
  const { write } = useWriting()
  const ledger = useLedger()
  const { side, temperature, dewPoint, wet } = coldSurface(point.face, point, ledger)
  const degrees = (value: number) => write("temperature", value)
  return (
    <div className="grid gap-1 text-dense">
      <p>
        {side === "inside" ? "In the worst night" : "On the worst afternoon"} it has {degrees(temperature)} where it meets the {side} face
        (how warm that stays, 0 to 1: fRsi {point.coldestInside.toFixed(2)})
        {dewPoint === null ? "" : `; the air before it sweats below ${degrees(dewPoint)}`}.
      </p>
      {wet ? (
        <Remark kind="damp">
          It {wet === "frost" ? "freezes" : "sweats"} there: plastic set into its run, or insulation around it on the warm side, keeps it
          dry.
        </Remark>
      ) : null}
      <p className="text-graphite">
        Calculated as fins at both ends and its run between them, the layers beside its ends as round fins; what it loses sideways on the
        way is left out.{point.face.ground ? " Its foot stands in soil of 2 W/(m·K), taken as cold as the outdoors." : ""}
      </p>
    </div>
  )
}
