"use client"
import { type ReactNode, useId } from "react"
import { transmittanceLayers } from "../../core/assembly/build-up"
import { heatFlowDirection } from "../../core/assembly/surface-resistance"
import { layerResistance } from "../../core/assembly/thermal-transmittance"
import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { cautionsFor, layerCautions } from "../../core/ledger/cautions"
import { headlinesOf, limitOf } from "../../core/ledger/headlines"
import { inTheWay } from "../../core/ledger/in-the-way"
import { obstacleWords } from "../../core/ledger/obstacle"
import { peltBounds } from "../../core/shell/pelt-layout"
import { massOfLayers, priceOfLayers } from "../../core/takeoff/content"
import { useJob } from "../job/job-store"
import { useLedger } from "../job/use-ledger"
import { MEASURES } from "../overlays/measures"
import type { Moment } from "../overlays/overlay"
import { SurfaceDrawings } from "../pelt/surface-drawings"
import { HatchPatterns } from "../pelt/hatches"
import type { View } from "../pelt/pelt-view"
import { FigureTable } from "../primitives/figure-table"
import { thicknessText } from "../writing/thickness"
import { useWriting } from "../writing/writing"
import { MILLIMETRE, type PaperSize, printed } from "./paper-size"

/** Scales that a drawing is printed at, one to so much. */
const SCALES = [5, 10, 15, 20, 25, 30, 40, 50, 60, 75, 100, 125, 150, 200, 250, 300, 400, 500, 750, 1000]
/** Of the sheet's height that the pelt may take. */
const SHARE = 0.5

/**
 * All of a job that one builds from, on paper: measures, layers, figures, cautions. Nothing is wider than what the paper has
 * room for: a browser would shrink the whole, and with it every scale.
 */
export function JobSheet({ paper }: { paper: PaperSize }) {
  const job = useJob()
  const ledger = useLedger()
  const writing = useWriting()
  const { brief, variants, active } = job
  const { width } = printed(paper)
  const date = new Date().toLocaleDateString("en-GB", { day: "numeric", month: "long", year: "numeric" })
  const obstacles = inTheWay(ledger, brief.limits)
  const cautions = [...new Set([...cautionsFor(brief.kind), ...ledger.surfaces.flatMap(({ layers }) => layerCautions(layers))])]
  return (
    <article
      className="box-content border border-seam bg-sheet p-[10mm] print:border-0 print:p-0 [@media_screen_and_(width<700px)]:[zoom:0.44]"
      style={{ width: `${width}mm` }}
      data-testid="job-sheet"
    >
      <header className="flex items-baseline justify-between gap-6 border-b-2 border-ink pb-2">
        <h1 className="font-display text-[24px] leading-7 font-bold">{job.name}</h1>
        <p className="text-right">
          {variants[active]!.name}
          <br />
          {date}
        </p>
      </header>
      <p className="py-2">
        {brief.use} · {ledger.conditions.station.name}
      </p>
      <PeltOnPaper width={width} height={printed(paper).height * SHARE} />
      <Part title="Figures">
        <FigureTable
          caption="The headline figures"
          heads={["", "figure", "limit"]}
          words={[0, 2]}
          rows={headlinesOf(brief.kind).map(({ id, name, kind, of, limit, better, verdict }) => {
            const bound = limitOf({ limit }, ledger, brief.limits)
            const limited = bound === null ? "" : `${better === "more" ? "at least" : "at most"} ${writing.write(kind, bound)}`
            if (!verdict) return { key: id, cells: [name, writing.write(kind, of(ledger)), limited] }
            const { surface, verdict: said } = verdict(ledger)
            return { key: id, cells: [`${name}: ${surface.name}`, `${said.words}${ledger.judging.length > 0 ? BY_MONTHS : ""}`, ""] }
          })}
        />
        <p className="pt-1">
          {obstacles.length === 0
            ? "Nothing stands in the way of what is asked."
            : `In the way: ${obstacles.map((obstacle) => obstacleWords(obstacle, writing.write)).join(" · ")}.`}
        </p>
      </Part>
      {ledger.surfaces.map((figures) => (
        <FaceOnPaper key={figures.id} figures={figures} />
      ))}
      <Part title="Cautions">
        <ul className="list-disc pl-5">
          {cautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
          <li>Pelzhaus calculates; codes, licensed trades and makers’ sheets decide.</li>
        </ul>
      </Part>
    </article>
  )
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="break-inside-avoid pt-4">
      <h2 className="border-b border-ink font-display text-[16px] font-bold">{title}</h2>
      {children}
    </section>
  )
}

/** The pelt with its measures at the largest round scale that the paper has room for. @param width mm, as `height` */
function PeltOnPaper({ width, height }: { width: number; height: number }) {
  const { shell } = useJob()
  const ledger = useLedger()
  const writing = useWriting()
  const name = useId()
  const { left, right, low, high } = peltBounds(ledger.surfaces.map(({ face }) => face))
  const [across, up] = [(right - left) * 1000, (high - low) * 1000]
  const one = SCALES.find((to) => across / to <= width - 4 && up / to <= height - 4) ?? SCALES.at(-1)!
  const scale = (1000 / one) * MILLIMETRE
  const size = { width: width * MILLIMETRE, height: (high - low) * scale + 4 * MILLIMETRE }
  const [x, y] = [(size.width - (right - left) * scale) / 2, 2 * MILLIMETRE]
  const view: View = { scale, at: ([a, b]) => [x + (a - left) * scale, y + (high - b) * scale] }
  return (
    <figure className="break-inside-avoid">
      {/* Faces are buttons on the bench; on paper nothing can be pressed. */}
      <div inert>
        <svg width={size.width} height={size.height} data-scale={one}>
          <HatchPatterns name={name} />
          <SurfaceDrawings
            surfaces={ledger.surfaces}
            shell={shell}
            paintOf={(figures) => MEASURES.paint(figures, ledger, writing, DESIGN)}
            lengths
            view={view}
            hatches={name}
            chosen={null}
            onChoose={nothing}
          />
        </svg>
      </div>
      <figcaption className="text-graphite">Unfolded, the front to the right, at 1 : {one}; measured over all.</figcaption>
    </figure>
  )
}

const nothing = () => {}

/** A verdict on damp whose years are not followed yet. */
const BY_MONTHS = ", by the months so far"

/** Paper shows no hour of its own. */
const DESIGN: Moment = { season: "winter", hour: null, skins: null }

/** A face with its layers, outside to inside, and what it gives. */
function FaceOnPaper({ figures }: { figures: SurfaceFigures }) {
  const { write, figure, unit } = useWriting()
  const { variants, active } = useJob()
  const { verdict, awaited } = useLedger().moisture[figures.id]!
  const assembly = variants[active]!.assemblies[figures.assembly]!
  const direction = heatFlowDirection(figures.face.tilt, true)
  const resistances = transmittanceLayers(figures.layers).map((layer) => layerResistance(layer, direction))
  const added = (words: string, { layer }: SurfaceFigures["layers"][number]) => (layer.existing ? "there" : words)
  return (
    <Part title={assembly.name === figures.name ? figures.name : `${figures.name}: ${assembly.name}`}>
      <FigureTable
        caption={`Layers of the ${figures.name}, outside to inside`}
        heads={["outside to inside", unit("length"), "R of the label", "R between members", unit("arealMass"), unit("arealMoney")]}
        rows={[
          ...figures.layers.map((layer, i) => ({
            key: layer.id,
            cells: [
              layer.material.name +
                layer.members
                  .map(({ set }) => `, between ${set.name} ${write("length", set.width)} every ${write("length", set.spacing)}`)
                  .join(""),
              thicknessText(layer.layer, figure),
              layer.declaredResistance === null ? "–" : figure("resistance", layer.declaredResistance),
              figure("resistance", resistances[i]!),
              added(figure("arealMass", massOfLayers([layer])), layer),
              added(figure("arealMoney", priceOfLayers([layer])), layer),
            ],
          })),
          {
            key: "whole",
            look: "border-t border-ink font-semibold",
            cells: [
              `Whole ${figures.face.part}, with air films and framing`,
              figure("length", figures.winter.thickness),
              figure("resistance", figures.declaredResistance),
              figure("resistance", figures.totalResistance),
              figure("arealMass", massOfLayers(figures.layers)),
              figure("arealMoney", priceOfLayers(figures.layers)),
            ],
          },
        ]}
      />
      <p>
        {write("area", figures.netArea)} without openings · U {write("transmittance", figures.transmittance)} · {verdict.words}
        {awaited.length > 0 ? BY_MONTHS : ""}
        {figures.openings.length > 0
          ? ` · ${figures.openings.map(({ opening }) => `${opening.name} ${write("length", opening.width)} × ${write("length", opening.height)}`).join(", ")}`
          : ""}
      </p>
      {assembly.reason === "" ? null : <p className="text-graphite">{assembly.reason}</p>}
    </Part>
  )
}
