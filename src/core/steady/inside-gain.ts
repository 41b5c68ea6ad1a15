import { humidityRatioOf, vapourPressureAt } from "../air/moist-air"
import { saturationPressure } from "../air/saturation-pressure"
import type { DesignHour } from "../climate/design-day"
import { adjacentAir } from "../enclosure/adjacent"
import { place } from "../enclosure/place"
import { openDoorHeat, trafficHeat } from "../inside/door-traffic"
import { goodsHeat } from "../inside/goods"
import { isThere, personHeat } from "../inside/people"
import { STANDARD_PRESSURE } from "../quantity/constants"
import type { HeatPart, SteadyEnclosure } from "./heat-loss"
import { airLeakageLatentHeat, ventilationHeat } from "./transmission"

/** A way for heat to come in, W at each of the 24 hours of the hottest day. */
export interface GainPart extends Omit<HeatPart, "heat"> {
  hours: number[]
  /** What of it comes as water, which warms nothing until it condenses; left out: none. */
  water?: number[]
}

/** Heat of people, machines, goods, doors in use, and of the outdoor air that is let in, hour by hour; what is not there is left out. */
export function insideGain(enclosure: SteadyEnclosure, day: readonly DesignHour[]): GainPart[] {
  const { inside, surfaces, conditions } = enclosure
  const { summer } = conditions
  const room = summer.inside.temperature
  const there = (heat: number) => day.map(({ hour }) => (isThere(hour, inside.from, inside.to) ? heat : 0))
  const person = personHeat(inside.activity, room)
  const count = inside.people
  const airs = day.map(({ temperature }) => wetAir(temperature, summer.outside))
  return [
    {
      kind: "people" as const,
      place: place.people(),
      name: "People",
      hours: there(count * (person.sensible + person.latent)),
      water: there(count * person.latent),
    },
    { kind: "equipment" as const, place: place.equipment(), name: "Lamps and machines", hours: there(inside.equipment) },
    ...Object.entries(inside.goods).map(([id, goods]): GainPart => {
      return { kind: "goods", place: place.goods(id), name: goods.name, hours: day.map(() => goodsHeat(goods, room)) }
    }),
    { kind: "defrost" as const, place: place.defrost(), name: "Thawing the cooler’s coil", hours: day.map(() => inside.defrost) },
    ...surfaces.flatMap((figures) =>
      figures.openings.flatMap(({ id, opening }): GainPart[] => {
        const { traffic, name, width, height } = opening
        if (!traffic) return []
        const heat = airs.map((air) => {
          const beyond = adjacentAir(figures.adjacent, "summer", figures.transferFromInside, summer.inside, air)
          return openDoorHeat(width * height, height, pressed(beyond), pressed(summer.inside))
        })
        const used = there(1).map((share, i) => share && trafficHeat(traffic, heat[i]!, inside.from, inside.to))
        return [{ kind: "traffic", place: place.traffic(id), name: `${name}, as it is opened`, hours: used }]
      }),
    ),
    ventilationGain(enclosure, airs),
  ].filter(({ hours }) => hours.some((heat) => heat !== 0))
}

type Air = SteadyEnclosure["conditions"]["summer"]["outside"]

function ventilationGain({ ventilation, conditions }: SteadyEnclosure, airs: readonly Air[]): GainPart {
  const { inside } = conditions.summer
  const water = airs.map((air) => airLeakageLatentHeat(ventilation.flow, waterOf(air) - waterOf(inside)))
  const hours = airs.map((air, i) => ventilationHeat(ventilation, air.temperature - inside.temperature) + water[i]!)
  return { kind: "ventilation", place: place.ventilation(), name: "Outdoor air let in", hours, water }
}

/** Outdoor air of an hour: it keeps the water of the hottest one as far as it can hold it. */
function wetAir(temperature: number, hottest: Air): Air {
  const pressure = vapourPressureAt(hottest.temperature, hottest.relativeHumidity)
  return { temperature, relativeHumidity: Math.min(1, pressure / saturationPressure(temperature)) }
}

const pressed = ({ temperature, relativeHumidity }: Air) => ({
  temperature,
  vapourPressure: vapourPressureAt(temperature, relativeHumidity),
})

const waterOf = ({ temperature, relativeHumidity }: Air): number =>
  humidityRatioOf(vapourPressureAt(temperature, relativeHumidity), STANDARD_PRESSURE)
