import type { CutInput } from "../../schema/cut"
import { weatherYear } from "../climate/weather-of"
import { cutBars } from "../cutting/cut-bars"
import { type DayAsked, dayOfYear } from "../hourly/day-of-year"
import { type SunInput, sunYear } from "../hourly/sun-year"
import { simulatedYear } from "../hourly/year"
import type { YearModel } from "../hourly/year-model"
import { BUILD, type BuildAsked } from "./build-result"
import { CUT } from "./cut-result"
import { DAY } from "./day-result"
import { SHEETS, SOON, STUFF } from "./sheets-result"
import { SECTION, type SectionAsked } from "./section-result"
import { SLAB } from "./slab-result"
import { SUN } from "./sun-result"
import type { SectionModel } from "../section/section-model"
import { followedYears } from "./followed-years"
import { YEAR } from "./year-result"
import { YEARS } from "./years-result"
import type { Clipper } from "../laying/lay-boards"
import { soundClip } from "../laying/sound-clip"
import type { Boarding } from "../takeoff/boarding"
import { cutStuff, type StuffAsked } from "../takeoff/cut-stuff"
import { sheetPlan } from "../takeoff/sheet-plan"
import { type SlabAsked, slabSweats } from "../moisture/slab-sweats"
import { buildOutcome } from "../section/likely-builds"
import { BUILT_IN_HUMIDITY, JUDGED, sectionYears } from "../section/section-years"
import type { Detail } from "../conduction/detail"
import { temperaturePicture } from "../conduction/picture"
import { solvedDetail, solveDetail } from "../conduction/solved-detail"
import type { Calculation } from "./calculation"
import { DETAIL } from "./detail-result"
import { type DetailPicture, PICTURE } from "./picture-result"

type Run<I, R> = (input: I, onProgress: (progress: number) => void, clip?: Clipper) => R

/** A calculation with how it is worked out. */
const worked = <I, R>({ kind }: Calculation<I, R>, run: Run<I, R>) => [kind, run as Run<unknown, unknown>] as const

const RUNS = new Map([
  worked(DETAIL, solvedDetail),
  worked(YEAR, (model: YearModel, onProgress) => simulatedYear(model, weatherYear(model.weather), onProgress)),
  worked(SUN, (input: SunInput) => sunYear(input, weatherYear(input.weather))),
  worked(DAY, (asked: DayAsked) => dayOfYear(asked, weatherYear(asked.model.weather))),
  worked(SECTION, ({ model, builtIn }: SectionAsked, onProgress) =>
    sectionYears(model, weatherYear(model.weather), BUILT_IN_HUMIDITY[builtIn], JUDGED, onProgress),
  ),
  worked(YEARS, (model: SectionModel, onProgress) => followedYears(model, onProgress)),
  worked(BUILD, ({ model, index }: BuildAsked) => buildOutcome(model, weatherYear(model.weather), index)),
  worked(SLAB, ({ face, weather }: SlabAsked) => slabSweats(face, weatherYear(weather))),
  worked(SHEETS, (boarding: Boarding, _, clip) => sheetPlan(boarding, clip!, SOON)),
  worked(STUFF, (asked: StuffAsked, _, clip) => cutStuff(asked, soundClip(clip!))),
  worked(CUT, (input: CutInput) => cutBars(input)),
  worked(PICTURE, (detail: Detail, onProgress): DetailPicture => {
    const { figures, solved } = solveDetail(detail, onProgress)
    return { figures, picture: temperaturePicture(detail.body, solved) }
  }),
])

/**
 * Works out a task of any kind; apart from the calculations, so that who only asks does not carry the solvers along.
 * @param onProgress hears how far it is, in the calculation's own measure
 * @param clip cuts polygons at one another; what lays boards needs it
 */
export const run = (kind: string, input: unknown, onProgress: (progress: number) => void = () => {}, clip?: Clipper): unknown =>
  RUNS.get(kind)!(input, onProgress, clip)
