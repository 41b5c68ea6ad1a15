import type { Job } from "../../schema/job/job"
import type { LedgerOutput } from "../../schema/ledger"
import type { Noted } from "../../schema/note"
import { type JobState } from "../enclosure/job-state"
import { pathLoss } from "../enclosure/heat-path"
import { standingPlace } from "../enclosure/height.working"
import { type Place, place } from "../enclosure/place"
import { coldSurface } from "../moisture/cold-surface"
import type { DampVerdict } from "../moisture/damp-verdict"
import { sum } from "../numeric/sum"
import { printWithUnit } from "../quantity/measure"
import type { HeatPart } from "../steady/heat-loss"
import { massOfLayers, priceOfLayers } from "../takeoff/content"
import { inTheWay } from "./in-the-way"
import { obstacleWords } from "./obstacle"
import type { Ledger } from "./ledger"

const verdictOf = ({ filling, where, season, sentence }: DampVerdict): LedgerOutput["verdict"] => ({
  kind: filling,
  ...{ where, season, sentence },
})

/** Every figure of one way to build a job as one sheet: the same that the screens show, SI. */
export function ledgerSheet({ name, brief, currency }: Job, { shell, variant }: JobState, ledger: Ledger): Noted<LedgerOutput> {
  const { conditions, surfaces, lines, points, paths, countedPaths, gain, loss, year, moisture } = ledger
  const { inside, outside } = conditions.winter
  const heatAt = (parts: readonly HeatPart[], at: Place) => sum(parts.map((part) => (part.place === at ? part.heat : 0)))
  const lost = (at: Place) => heatAt(loss.parts, at)
  const gained = (at: Place) => heatAt(gain.parts, at)
  const counts = countedPaths.length > 0
  const pathsLoss = (path: (typeof paths)[number]) => (counts ? pathLoss(path, "winter", inside.temperature, outside.temperature) : 0)
  const told = new Set<Place>([...lines, ...points].map((path) => path.place))
  const corners = paths.filter((path) => !told.has(path.place))
  const ground = surfaces.filter((surface) => surface.ground)
  const [slab] = ground
  return {
    job: name,
    variant: variant.name,
    provisional: ledger.awaited.length + ledger.judging.length > 0,
    faces: surfaces.map((surface) => {
      const at = place.surface(surface.id)
      return {
        id: surface.id,
        name: surface.name,
        area: surface.area,
        netArea: surface.netArea,
        buildUp: variant.assemblies[surface.assembly]!.name,
        labelResistance: surface.declaredResistance,
        centreResistance: surface.cavityResistance,
        wholeResistance: surface.totalResistance,
        uValue: surface.transmittance,
        summerUValue: surface.summerTransmittance,
        loss: surface.ground ? 0 : lost(at),
        gain: surface.ground ? 0 : gained(at),
        mass: massOfLayers(surface.layers),
        price: priceOfLayers(surface.layers),
        verdict: verdictOf(moisture[surface.id]!.verdict),
      }
    }),
    openings: surfaces.flatMap(({ id: face, closures }) =>
      closures.map(({ place: at, name: called, area, uValue }) => ({
        ...{ id: at.split("/")[1]!, face, name: called, area, uValue },
        loss: lost(at),
        gain: gained(at),
      })),
    ),
    lines: lines.map((line) => ({
      place: line.place,
      psi: line.linearTransmittance,
      length: line.length,
      loss: pathsLoss(line),
      coldest: line.solved && coldSurface(line.face, line.solved, ledger).temperature,
      fRsi: line.solved && line.solved.coldestInside,
    })),
    points: [
      ...points.map((point) => ({
        ...{ place: point.place, chi: point.pointTransmittance, count: point.penetration.count },
        loss: pathsLoss(point),
      })),
      ...corners.map((path) => ({ place: path.place, chi: path.conductance, count: 1, loss: pathsLoss(path) })),
    ],
    air: {
      ...{ volume: ledger.leaks.volume, ach50: ledger.leaks.ach50, flow: loss.air.flow },
      loss: lost(place.air()) + lost(place.ventilation()),
      gain: gained(place.air()) + gained(place.ventilation()),
    },
    ...(slab && {
      ground: {
        uValue: sum(ground.map((part) => part.ground!.uValue * part.area)) / sum(ground.map(({ area }) => area)),
        loss: sum(ground.map(({ id }) => lost(place.surface(id)))),
        gain: sum(ground.map(({ id }) => gained(place.surface(id)))),
      },
    }),
    loss: loss.total,
    gain: { hour: gain.hour, total: gain.total, hours: gain.hours.map(({ total }) => total) },
    // Months without sun and people are another figure, not a rough one of this.
    ...(year.figures && {
      year: {
        heating: sum(year.months.map(({ heating }) => heating)),
        cooling: sum(year.months.map(({ cooling }) => cooling)),
        months: year.months.map(({ heating, cooling }) => heating + cooling),
      },
    }),
    height: { value: ledger.clear.standing, where: standingPlace(shell.form)[0], limit: brief.limits.height },
    weight: ledger.weight,
    money: ledger.money,
    verdict: verdictOf(moisture[ledger.wettest.id]!.verdict),
    inTheWay: inTheWay(ledger, brief.limits).map((obstacle) =>
      obstacleWords(obstacle, (kind, value) => printWithUnit(kind, value, { units: "metric", currency })),
    ),
    notes: surfaces.flatMap((surface) => surface.notes.map(({ code, text }) => ({ code, text: `${surface.name}: ${text}` }))),
  }
}
