"use client"
import { useMemo, useState } from "react"
import { inSentence } from "../../../core/in-sentence"
import { type BuiltLayer, throughMembers } from "../../../core/assembly/build-up"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import type { Ledger } from "../../../core/ledger/ledger"
import { SECTION, sectionKey } from "../../../core/results/section-result"
import { YEARS } from "../../../core/results/years-result"
import { judgedModel } from "../../../core/section/design-build"
import { printNumber } from "../../../core/quantity/number"
import { sum } from "../../../core/numeric/sum"
import { AS_DRAWN, sectionModel } from "../../../core/section/section-model"
import { drawsRain, tellsRain } from "../../../core/section/section-sides"
import { sectionVerdict } from "../../../core/section/section-verdict"
import type { BuiltIn, LayerYear, SectionYears, YearsOutcome } from "../../../core/section/section-years"
import type { Brief } from "../../../schema/job/job"
import type { MaterialClass } from "../../../schema/material"
import { useShown } from "../../calculations/calculations"
import { useAsked } from "../../calculations/use-asked"
import { useJob } from "../../job/job-store"
import { useLedgerLater, usePinnedLedger } from "../../job/use-ledger"
import { Button } from "../../primitives/button"
import { DampRing } from "../../primitives/damp-ring"
import { FigureTable } from "../../primitives/figure-table"
import { Refusal } from "../../primitives/refusal"
import { Remark } from "../../primitives/remark"
import { useChosenFaceLater } from "../use-figures"
import { useWriting } from "../../writing/writing"
import { LikelyBuilds } from "./likely-builds"
import { type Said, SectionChoices } from "./section-choices"
import { SectionInputs } from "./section-inputs"
import { SectionThrough } from "./section-through"

/** As a face is drawn, of wood dried in the air. */
const UNSAID: Said = { ...AS_DRAWN, builtIn: "usual" }

/** The chosen face followed hour by hour until its years are alike, on demand: what it comes to, any day of it, and how likely that is. */
export function ThroughYears() {
  const figures = useChosenFaceLater()
  const ledger = useLedgerLater()
  const pinned = usePinnedLedger()
  const { brief } = useJob()
  // Said of one face, it says nothing of another; how dry wood is holds for all.
  const [chosen, setChosen] = useState<{ face: SurfaceFigures["id"]; said: Said }>({ face: figures.id, said: UNSAID })
  const said = useMemo(() => (chosen.face === figures.id ? chosen.said : { ...UNSAID, builtIn: chosen.said.builtIn }), [chosen, figures.id])
  const asked = useSection({ ledger, face: figures.id, brief, said })
  const { run, result } = asked.asked
  const shown = useShown()
  // As it is drawn it is what the verdict goes by.
  const judged = said.builtIn === UNSAID.builtIn ? (shown.of(YEARS, asked.model)?.outcome ?? null) : null
  const outcome = result ?? judged
  return (
    <section aria-label="Through the years" className="grid grid-cols-1 gap-2 border-t border-seam pt-3" data-testid="through-years">
      <h2 className="font-display text-[15px] font-semibold">Hour by hour, through the years</h2>
      <p className="text-graphite">
        Sun, clear nights, rain, leaking air, and what wood and boards take up and give back, in a face that turns out on the bad side of
        usual: twice the leaks that are said, air inside a twentieth damper, a year that is worse than nine of ten. It begins in autumn,
        when the face is closed, and goes on until a year is like the one before, or until it is plain that each is wetter.
      </p>
      <SectionChoices surface={figures} model={asked.model} said={said} onSay={(next) => setChosen({ face: figures.id, said: next })} />
      <div className="flex flex-wrap items-end gap-3">
        {run && !run.failed ? (
          <p role="status" className="flex items-center gap-3 pb-1">
            In year {Math.floor(run.progress) + 1} …<Button onClick={asked.asked.cancel}>Stop</Button>
          </p>
        ) : asked.asked.result ? null : (
          <Button onClick={asked.asked.begin}>{outcome ? "Look at any day of it" : "Follow it through the years"}</Button>
        )}
      </div>
      <Refusal>{run?.failed ? "It could not be followed: no balance was found, or the page must be reloaded." : null}</Refusal>
      {outcome ? <Told {...asked} told={outcome} days={result} builtIn={said.builtIn} /> : null}
      {result && pinned && isComparable(pinned, figures, said) ? (
        <PinnedYears ledger={pinned} face={figures.id} {...{ brief, said }} />
      ) : null}
      <LikelyBuilds model={asked.drawn} verdict={ledger.moisture[figures.id]!.said.years} />
    </section>
  )
}

/** A joint or members that are named mean the same in what is pinned only where it has the same layers. */
const isComparable = (pinned: Ledger, { id, layers }: SurfaceFigures, { through, leak }: Said): boolean => {
  const ids = (of: readonly BuiltLayer[]) => of.map((layer) => layer.id).join()
  const then = pinned.surfaces.find((one) => one.id === id)
  return then !== undefined && ((through === null && leak === null) || ids(then.layers) === ids(layers))
}

interface SectionOptions {
  ledger: Ledger
  face: SurfaceFigures["id"]
  brief: Brief
  said: Said
}

/** The same face as it is pinned, followed too when that is asked for. */
function PinnedYears(options: SectionOptions) {
  const { model, layers, surface, asked } = useSection(options)
  const { result, run } = asked
  if (!result)
    return (
      <div>
        <Button disabled={run !== null && !run.failed} onClick={asked.begin}>
          {run && !run.failed ? `What is pinned, in year ${Math.floor(run.progress) + 1} …` : "Follow what is pinned too"}
        </Button>
      </div>
    )
  const verdict = sectionVerdict(model, result, layers, inSentence(surface.name))
  return (
    <p className="flex items-center gap-2 text-graphite">
      <DampRing verdict={verdict} size={15} />
      Pinned: {verdict.words}
    </p>
  )
}

/** A face of a ledger as it is followed through the years, with its layers that count. */
function useSection({ ledger, face, brief, said }: SectionOptions) {
  const { at: surface, water } = ledger.moisture[face]!
  const usual = useMemo(() => sectionModel(surface, water, ledger, brief, said), [surface, water, ledger, brief, said])
  const now = useMemo(() => judgedModel(usual), [usual])
  // Figures that are made anew mostly make the same model: what was followed stays with it.
  const [{ model, drawn }, setModel] = useState({ model: now, drawn: usual })
  if (model !== now && sectionKey(model) !== sectionKey(now)) setModel({ model: now, drawn: usual })
  const asked = useAsked(
    SECTION,
    useMemo(() => ({ model, builtIn: said.builtIn }), [model, said.builtIn]),
  )
  const followed = said.through === null ? surface.layers : throughMembers(surface.layers, said.through)
  return { model, drawn, layers: followed.slice(-model.layers.length), surface, asked }
}

interface ToldProps {
  model: ReturnType<typeof sectionModel>
  layers: readonly BuiltLayer[]
  surface: SurfaceFigures
  told: YearsOutcome
  /** Any day of it, once that is asked for. */
  days: SectionYears | null
  builtIn: BuiltIn
}

/** What a followed section came to. */
function Told({ model, layers, surface, told, days, builtIn }: ToldProps) {
  const { write } = useWriting()
  const verdict = useMemo(() => sectionVerdict(model, told, layers, inSentence(surface.name)), [model, told, layers, surface.name])
  const last = told.years.at(-1)!
  const { gained } = told
  // What no layer has is no column.
  const columns = [
    { head: "wet", any: true, of: ({ wet }: LayerYear) => hours(sum(wet)) },
    { head: "frost in it", any: last.some(({ frost }) => frost > 0), of: ({ frost }: LayerYear) => hours(frost) },
    { head: "mould index", any: true, of: ({ mould }: LayerYear) => (mould === null ? "–" : Math.max(...mould).toFixed(1)) },
    {
      head: "damp at it",
      any: model.layers.some(({ metal }) => metal),
      of: ({ rust }: LayerYear, i: number) => (model.layers[i]!.metal ? hours(rust) : "–"),
    },
  ].filter(({ any }) => any)
  const signed = (value: number) => `${value < 0 ? "−" : "+"}${write("arealWater", Math.abs(value))}`
  return (
    <div className="grid grid-cols-1 gap-2" data-testid="years-told">
      <div className="flex items-center gap-2">
        <DampRing verdict={verdict} />
        <p className="font-display text-[16px] font-semibold">{verdict.words}</p>
      </div>
      <p>
        {verdict.sentence} {told.repeats ? "In the end each year is like the one before." : "No year is like the one before."}
        {told.sweats > 0 ? ` In ${printNumber(told.sweats, 0)} hours of it dew lies on the inside face.` : ""}
        {builtIn === "wet" && told.dryAfter !== null ? ` All wood is below 20 % water after ${Math.ceil(told.dryAfter)} days.` : ""}
      </p>
      {model.rain && model.outdoors && !model.sealed ? (
        <InRain outermost={layers[0]!} draws={drawsRain(model)} told={tellsRain(model.weather)} wet={sum(last[0]!.wet)} />
      ) : null}
      {days ? <SectionThrough model={model} layers={layers} told={days} /> : null}
      <FigureTable
        caption="Layers in the last year, outside to inside"
        shows="title"
        heads={["layer", "holds at most", ...columns.map(({ head }) => head)]}
        rows={last.map((year, i) => ({
          key: i,
          cells: [
            layers[i]!.material.name,
            `${write("arealWater", year.most)}${year.wettest === null ? "" : `, ${Math.round(year.wettest * 100)} %`}`,
            ...columns.map(({ of }) => of(year, i)),
          ],
        }))}
      />
      <p className="text-dense text-graphite">
        Wet: wood above 20 % of its mass in water, else free water in the layer. Damp at it: air over 80 % humid at the metal, above
        freezing; steel rusts then where its coat is broken or it has none. Mould index 1: a microscope shows it; 3: one sees it; 6: all is
        covered. In the last year {signed(gained.leaks)} came with leaking air, {signed(gained.inside)} through the inside face and{" "}
        {signed(gained.outside)} through the outdoor face.
      </p>
      <SectionInputs model={model} layers={layers} />
    </div>
  )
}

/** What mostly draws rain in. */
const SOAKS: readonly MaterialClass[] = ["wood", "stone", "plaster"]

interface InRainProps {
  outermost: BuiltLayer
  /** What it draws in is known. */
  draws: boolean
  /** The weather tells rain. */
  told: boolean
  /** Hours of the year in which it is wet. */
  wet: number
}

/** What rain does to an outermost layer that it falls on. */
function InRain({ outermost: { material }, draws, told, wet }: InRainProps) {
  const name = inSentence(material.name)
  if (!draws)
    return SOAKS.includes(material.class) ? (
      <Remark kind="damp">
        Rain is not counted: what {name} draws in is not known. Take a stuff of the catalogue that is like it, and see what rain does to
        that.
      </Remark>
    ) : null
  if (!told)
    return (
      <Remark kind="damp">
        Rain is not counted: this weather tells none, and {name} outside draws water in. Keep rain off it, or bring a weather file that
        tells rain.
      </Remark>
    )
  return (
    <p data-testid="in-rain">
      The {name} outside stands in the rain
      {wet > 0 ? ` and is wet in ${printNumber(wet, 0)} hours of the last year` : " and stays dry enough"}. It may be as long as it dries in
      the year and no frost breaks it; whether it stands that is for its maker, or by wood’s use class 3 (EN 335).
    </p>
  )
}

const hours = (value: number): string => (value === 0 ? "–" : `${printNumber(value, 0)} h`)
