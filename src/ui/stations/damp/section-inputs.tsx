"use client"
import type { BuiltLayer } from "../../../core/assembly/build-up"
import { FREE } from "../../../core/section/section-years"
import { uptakeOf, waterAt } from "../../../core/section/layer-stuff"
import type { SectionModel } from "../../../core/section/section-model"
import { FigureTable } from "../../primitives/figure-table"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"

/** What each layer is taken to be in its years: what it holds, what it draws in, how mould takes to it, and whose figures those are. */
export function SectionInputs({ model, layers }: { model: SectionModel; layers: readonly BuiltLayer[] }) {
  const { write } = useWriting()
  const heldAt = (i: number, humidity: number) => waterAt(model.layers[i]!.material.sorption, humidity) * model.layers[i]!.thickness
  const held = (i: number, humidity: number) => write("arealWater", heldAt(i, humidity))
  return (
    <div>
      <Unfolding words="How this is reckoned, and what the layers are taken to be">
        {() => (
          <div className="grid grid-cols-1 gap-2 pt-2" data-testid="section-inputs">
            <p>
              Heat and water pass from cell to cell by EN 15026: vapour by its pressure, liquid by suction where a stuff draws water in.
              What lies outside a well vented space has no part in it. Leaking air brings what the months say, by how much damper it is than
              the joint at each hour. Mould by Hukka and Viitanen (1999) with the classes of Ojanen et al. (2010), rust by the hours of
              wetness of ISO 9223, wet wood by EN 335.
              {model.rain ? RAIN : ""}
            </p>
            <FigureTable
              caption="What the layers are taken to be"
              heads={["layer", "holds at 80 %", `at ${Math.round(FREE * 100)} %`, "full", "mould takes to it"]}
              words={[0, 4]}
              rows={layers.map(({ layer, material }, i) => ({
                key: i,
                look: "align-top",
                cells: [
                  material.name,
                  held(i, 0.8),
                  held(i, FREE),
                  uptakeOf(layer.material) && material.sorption ? held(i, 1) : "–",
                  moulds[model.layers[i]!.mould?.name ?? "none"],
                ],
                below: sourceOf(layer.material, heldAt(i, 1), write),
              }))}
            />
          </div>
        )}
      </Unfolding>
    </div>
  )
}

const RAIN =
  " Rain comes as it falls on a slope and as wind drives it against walls of any direction in the mean (ISO 15927-3); no overhang is counted."

const moulds = {
  none: "not at all",
  "very sensitive": "very soon",
  sensitive: "soon",
  "medium resistant": "late",
  resistant: "hardly",
} as const

/** Whose figure for the water that it draws in is taken. @param full kg/m² that the layer can hold */
function sourceOf(material: string, full: number, write: ReturnType<typeof useWriting>["write"]) {
  const drawn = uptakeOf(material)
  const inAnHour = (drawn?.uptake ?? 0) * Math.sqrt(3600)
  return (
    <span className="text-graphite">
      {drawn
        ? `Standing in water it ${inAnHour < full ? `draws in ${write("arealWater", inAnHour)} in the first hour` : "is full within the hour"}: ${drawn.source}.`
        : "Draws no water in, or none is known: none is counted."}
    </span>
  )
}
