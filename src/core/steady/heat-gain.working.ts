import { inSentence } from "../in-sentence"
import { factor, input, quantityOf, type Source, type Working, workingLine, type WorkingLine } from "../working"
import { pathWorking } from "../enclosure/heat-path"
import type { Enclosure } from "../enclosure/enclosure"
import { place } from "../enclosure/place"
import type { HeatGain } from "./heat-gain"
import type { HeatPart } from "./heat-loss"

type Gained = Pick<Enclosure, "conditions" | "surfaces" | "paths"> & { gain: HeatGain }

/** Where what comes in beside the faces is said. */
const FROM: Readonly<Record<HeatPart["kind"], Source["of"]>> = {
  surface: "build-up",
  path: "shell",
  air: "build-up",
  ventilation: "brief",
  people: "brief",
  equipment: "brief",
  goods: "brief",
  defrost: "brief",
  opening: "shell",
  traffic: "shell",
}

/** How the heat gain of the worst afternoon was got: each part at the hour at which all together are greatest. */
export function heatGainWorking(ledger: Gained): Working {
  const { summer } = ledger.conditions
  const lines = ledger.gain.parts.map(({ kind, place: at, name, heat }): WorkingLine => {
    const path = ledger.paths.find(({ place }) => place === at)
    if (path) return pathWorking(path, name, heat)
    const figures = ledger.surfaces.find(({ id }) => place.surface(id) === at)
    if (!figures) return workingLine(name, ["power", heat], { of: FROM[kind] })
    const from = { of: "build-up", surface: figures.id } as const
    if (figures.ground) return workingLine(`${name}, from the ground`, ["power", heat], from)
    const drive = heat / (figures.netArea * figures.summerTransmittance || 1)
    return workingLine(name, ["power", heat], from, [
      factor("A", "area", figures.netArea),
      factor("U", "transmittance", figures.summerTransmittance),
      factor("mean(θsol − θi)", "temperatureDifference", drive),
    ])
  })
  return {
    title: `Heat gained on the hottest day, ${ledger.gain.hour}:00`,
    formula:
      "Φ = Σ A·U·mean(θsol − θi) + A·(U·(θe − θi) + g·I) + Σ H·(θe − θi) + leaking air with its water + what is inside; θsol = θe + (α·I − ε·ΔR)·Rse",
    lines,
    total: quantityOf("power", ledger.gain.total),
    inputs: [
      input("Inside, summer", "temperature", summer.inside.temperature, "brief"),
      input("Outdoors, hottest hour", "temperature", summer.outside.temperature, "brief"),
      ...ledger.surfaces
        .filter(({ face }) => face.part !== "floor")
        .map(({ id, name }) =>
          input(`Sun on the ${inSentence(name)} then`, "heatFlux", ledger.gain.faces[id]![ledger.gain.hour - 1]!.irradiance, "shell", id),
        ),
    ],
    method:
      "Hour by hour over a clear 21 July that repeats. θsol is the air’s temperature with what sun brings to the skin and the clear sky takes from it; the mean is over the hours before, each by what of it still comes through (the layers’ heat transfer matrices, ISO 13786, at the 12 sines that 24 hours are made of). A shaded wall gets from the sky no less than the handbook’s clear-sky ratio for walls. Glass lets less through the more the sun slants (ASHRAE 93), and 0.9 of its factor of the light from sky and ground. The roof’s overhang and boards before openings shade them, exactly by their shadow; what is said to stand around hides the sun’s beam, no light of the sky; what is not said is not counted. People by ASHRAE Fundamentals 2017, ch. 18, table 1, in a cold store by ASHRAE Refrigeration 2018, ch. 24; goods by their own heat over the hours in which they are cooled; doors in use by Gosney and Olama.",
    source: "Sol-air temperature, ASHRAE Fundamentals 2017, ch. 18; clear sky, ch. 14; tilted faces, Hay and Davies (1980)",
    notes: [],
  }
}
