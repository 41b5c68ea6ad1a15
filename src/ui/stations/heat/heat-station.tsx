"use client"
import { inSentence } from "../../../core/in-sentence"
import { useJob, useSelection } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { later, whenIdle } from "../../primitives/later"
import { Remark } from "../../primitives/remark"
import { useShowWorking } from "../../working/use-show-working"
import { useWriting } from "../../writing/writing"
import { SeasonTabs } from "../season-tabs"
import { BridgeRanking } from "./bridge-ranking"
import { HeatBars } from "./heat-bars"
import { heaterSentence } from "./plant-sentence"
import { PlantVerdict } from "./plant-verdict"

/** Steps through time; it comes after the figures. */
const ColdStart = whenIdle(() => import("./cold-start").then((module) => module.ColdStart))

/** So is the year. */
const Year = whenIdle(() => import("./year").then((module) => module.Year))

const AnyDay = whenIdle(() => import("./any-day").then((module) => module.AnyDay))
const OffGrid = whenIdle(() => import("./off-grid").then((module) => module.OffGrid))
const FreezingWater = whenIdle(() => import("./freezing-water").then((module) => module.FreezingWater))
const SunOverYear = whenIdle(() => import("./sun-over-year").then((module) => module.SunOverYear))
const HottestDay = later(() => import("./hottest-day").then((module) => module.HottestDay))
const OneChange = whenIdle(() => import("./one-change").then((module) => module.OneChange))

/** Where heat goes out on the worst night and comes in on the hottest day. */
export function HeatStation() {
  const season = useSelection((view) => view.season)
  return (
    <div className="station gap-4">
      <SeasonTabs summer="hottest day" />
      {season === "winter" ? <WorstNight /> : <HottestDay />}
      <Year />
      <AnyDay />
      <OffGrid />
      <SunOverYear />
      <BridgeRanking />
    </div>
  )
}

function WorstNight() {
  const show = useShowWorking()
  const { write } = useWriting()
  const job = useJob()
  const ledger = useLedger()
  const { winter, station } = ledger.conditions
  const typed = job.brief.outdoors.winter !== null
  const { total } = ledger.loss
  const { plant, inside } = job.brief
  const back = inside.away && { asked: ledger.heaterAsked, hours: inside.away.hours }
  return (
    <>
      <PlantVerdict
        sentence={heaterSentence({ asked: total, capacity: ledger.output.loss, held: winter.inside.temperature, write }, back)}
        under={`${write("temperature", winter.inside.temperature)} inside, ${write("temperature", winter.outside.temperature)} outdoors, ${
          typed ? "as typed in the brief" : `${station.name}, colder only 0.4 % of the time`
        }${plant.heater && ledger.output.loss !== null ? `; ${inSentence(plant.heater.name)} gives ${write("power", ledger.output.loss)} then` : ""}`}
      />
      <ColdStart />
      <FreezingWater />
      <h2 className="font-display text-[15px] font-semibold">{write("power", total)} lost on the worst night</h2>
      <HeatBars parts={ledger.loss.parts} token="ember" />
      <OneChange season="winter" />
      <Remark kind="remark">
        Steady, and no warmth of people, lamps or sun counted on, nor what a clear sky takes, which the year counts; edges are counted, by
        what the measures over all say too much or too little. A heater needs more than this to warm up a cold start.
      </Remark>
      <div>
        <Button onClick={() => show.headline("loss")}>Show the working</Button>
      </div>
    </>
  )
}
