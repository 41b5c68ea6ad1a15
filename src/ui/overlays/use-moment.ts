import { useMemo } from "react"
import { useSelection } from "../job/job-store"
import type { Moment } from "./overlay"

/** When the job is looked at; the same object while that stays. */
export function useMoment(): Moment {
  const season = useSelection((view) => view.season)
  const hour = useSelection((view) => view.hour)
  const skins = useSelection((view) => view.skins)
  return useMemo(() => ({ season, hour, skins }), [season, hour, skins])
}
