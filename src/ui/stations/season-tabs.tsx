"use client"
import type { Season } from "../../schema/quantity"
import { useJobStore, useSelection } from "../job/job-store"
import { Tabs } from "../primitives/tabs"

/** Which of the two design conditions is looked at. @param summer what the summer's is called there */
export function SeasonTabs({ summer }: { summer: string }) {
  const season = useSelection((view) => view.season)
  const store = useJobStore()
  const options: { value: Season; name: string }[] = [
    { value: "winter", name: "worst night" },
    { value: "summer", name: summer },
  ]
  return <Tabs label="Season" value={season} options={options} onChange={(next) => store.choose({ season: next })} />
}
