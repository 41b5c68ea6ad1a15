import { infiltration as leaking, stackCoefficient, windCoefficient } from "../core/airflow/infiltration"
import { INDOOR_RESISTANCE } from "../core/assembly/surface-resistance"
import { cellsOf, fastestSwing } from "../core/dynamic/chain"
import { enclosureHours, type HourlyEnclosure } from "../core/dynamic/enclosure-hours"
import { sum } from "../core/numeric/sum"
import { SimulateInput, SimulateOutput } from "../schema/simulate"
import { operation } from "./operation"

/** Surface resistance inside by tilt, as heat goes out; a face of just 60° or 120° counts as a wall. */
const innerResistance = (tilt: number): number => INDOOR_RESISTANCE[tilt < 60 ? "up" : tilt <= 120 ? "horizontal" : "down"]

/** The enclosure hour by hour: `npm run calc simulate`. */
export const simulate = operation({
  name: "simulate",
  summary: "the enclosure hour by hour",
  input: SimulateInput,
  output: SimulateOutput,
  // A year of hours of ten faces of twenty cells is half a second on a slow machine.
  work: ({ faces, weather: { step, hours }, warmup }) => {
    const parts = (hours.length + warmup * Math.min(hours.length, 86_400 / step)) * Math.max(1, step / 1800)
    const cells = faces.map(({ layers }) => 3 + sum(layers.map((layer) => cellsOf(layer, fastestSwing(step)))))
    // Finding the modes of a face goes by the square of its cells.
    // Light faces are gone through in up to eight parts of a step.
    return 1 + (parts * (5 + sum(cells))) / 1.5e4 + sum(cells.map((one) => one ** 2)) / 3e5
  },
  run: (input) => {
    const { faces, weather, warmup, control } = input
    const first = weather.hours[0]!.temperature
    const initial = input.initialTemperature ?? control.heating?.setpoint ?? control.cooling?.setpoint ?? first
    const found = enclosureHours(
      enclosureOf(input),
      {
        ...weather,
        start: Date.parse(weather.start),
        offset: offsetOf(weather.start),
        hours: weather.hours.map(({ skyTemperature, windSpeed, ...hour }) => ({
          ...hour,
          skyTemperature: skyTemperature ?? null,
          windSpeed: windSpeed ?? 0,
        })),
      },
      warmup,
      initial,
      undefined,
      true,
    )
    const { air, heating, cooling } = found
    const hours = weather.hours.map((_, k) => ({
      air: air[k]!,
      heating: heating[k]!,
      cooling: cooling[k]!,
      faces: Object.fromEntries(
        faces.map(({ id }, f) => {
          const { outer, inner, flux } = found.faces[f]!
          return [id, { outer: outer[k]!, inner: inner[k]!, flux: flux[k]! }]
        }),
      ),
    }))
    const most = (values: Float64Array) => values.reduce((a, b) => Math.max(a, b), -Infinity)
    return {
      hours,
      totals: {
        heating: sum([...heating]) * weather.step,
        cooling: sum([...cooling]) * weather.step,
        peakHeating: most(heating),
        peakCooling: most(cooling),
        minimumAir: -most(air.map((value) => -value)),
        maximumAir: most(air),
      },
      balance: found.balance,
      notes: [
        ...(input.initialTemperature !== undefined || warmup > 0
          ? []
          : [{ code: "start", text: `All begins at ${initial} °C: the first days still show it.` }]),
        ...(input.infiltration
          ? [{ code: "leaks", text: "Air that leaks in goes by the temperatures at the start of each step, and holds through it." }]
          : []),
      ],
    }
  },
})

function enclosureOf({ faces, openings, zone, airChanges, infiltration, gains, control }: SimulateInput): HourlyEnclosure {
  const thermostat = (one: { setpoint: number; capacity?: number | undefined } | undefined) =>
    one ? { setpoint: one.setpoint, capacity: one.capacity ?? null } : null
  const changed = ((airChanges ?? 0) * zone.volume) / 3600
  return {
    faces: faces.map((face) => ({ ...face, rsi: face.rsi ?? innerResistance(face.tilt) })),
    openings,
    volume: zone.volume,
    capacity: zone.capacity,
    airFlow: infiltration ? leaksOf(infiltration, zone.volume) : () => changed,
    gains: typeof gains === "number" ? new Array<number>(24).fill(gains) : gains,
    heating: thermostat(control.heating),
    cooling: thermostat(control.cooling),
  }
}

function leaksOf({ flow50, ach50, height, exponent, shelter, stack, wind }: NonNullable<SimulateInput["infiltration"]>, volume: number) {
  const leak = {
    flow50: flow50 ?? (ach50! * volume) / 3600,
    exponent,
    stack: stack ?? stackCoefficient(height),
    wind: wind ?? windCoefficient(height, shelter),
  }
  return (insideTemperature: number, outsideTemperature: number, windSpeed: number) =>
    leaking({ ...leak, insideTemperature, outsideTemperature, windSpeed }).flow
}

/** Of a moment's clock from UTC, s. */
function offsetOf(time: string): number {
  const [, sign, hours, minutes] = /([+-])(\d\d):?(\d\d)$/.exec(time) ?? []
  return sign ? (sign === "-" ? -1 : 1) * (Number(hours) * 3600 + Number(minutes) * 60) : 0
}
