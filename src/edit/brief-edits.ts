import type { Goods, Inside } from "../schema/job/inside"
import type { Job, Limits, Service, Worth } from "../schema/job/job"
import type { Plant } from "../schema/job/plant"
import type { OwnWeather } from "../schema/job/weather"
import type { AirState, Season } from "../schema/quantity"
import { InputError } from "../schema/outcome"
import { edit } from "./edit"

export const setName = (name: string) => edit(`Name ${name}`, (job) => void (job.name = name))

export const setUnits = (units: Job["units"]) => edit("Units", (job) => void (job.units = units))

export const setCurrency = (currency: Job["currency"]) => edit("Currency", (job) => void (job.currency = currency))

export const setUse = (use: string) => edit("What it is used for", (job) => void (job.brief.use = use))

/** Another station brings its own design conditions; typed ones would no longer belong to it. */
export const setStation = (station: string) =>
  edit("Place", ({ brief }) => {
    brief.station = station
    brief.weather = null
    brief.outdoors = { winter: null, summer: null }
  })

/** Weather of one's own, or none: the station's then counts again. It brings its own design conditions too. */
export const setWeather = (weather: OwnWeather | null) =>
  edit("Weather", ({ brief }) => {
    brief.weather = weather
    brief.outdoors = { winter: null, summer: null }
  })

const SEASON: Record<Season, string> = { winter: "Winter", summer: "Summer" }

export const setIndoors = (season: Season, air: Partial<AirState>) =>
  edit(
    `${SEASON[season]} ${"relativeHumidity" in air ? "humidity" : "temperature"} inside`,
    (job) => void Object.assign(job.brief.indoors[season], air),
  )

/** Air temperatures that people build in, °C: just past the coldest and the hottest that were ever measured where some live. */
const OUTDOORS = { least: -70, most: 60 }

/**
 * @param air null takes the station's design condition again
 * @throws InputError `out-of-range` for air that no place has
 */
export const setOutdoors = (season: Season, air: AirState | null) =>
  edit(`${SEASON[season]} outdoors`, (job) => {
    const tooCold = air !== null && air.temperature < OUTDOORS.least
    if (air && (tooCold || air.temperature > OUTDOORS.most)) {
      const range = { edge: tooCold ? "at least" : "at most", limit: tooCold ? OUTDOORS.least : OUTDOORS.most, given: air.temperature }
      throw new InputError("out-of-range", ["brief", "outdoors", season], `Outdoor air is ${range.edge} ${range.limit} °C.`, range)
    }
    job.brief.outdoors[season] = air
  })

export const setLimits = (limits: Partial<Limits>) =>
  edit(`Limit on ${Object.keys(limits).join(", ")}`, (job) => void Object.assign(job.brief.limits, limits))

/** How a new job reckons insulation: after ten years, as damp as it is declared. */
export const SERVICE: Service = { age: 10, relativeHumidity: 0.5 }

/** What saving heat is worth in a new job: 0.25 € a kWh, an invented price, over 15 years at 3 %; no battery, and room for nothing. */
export const WORTH: Worth = { energy: 0.25 / 3.6e6, years: 15, rate: 0.03, store: 0, room: 0 }

export const setWorth = (change: Partial<Worth>) => edit("What saving is worth", (job) => void Object.assign(job.brief.worth, change))

export const setInside = (change: Partial<Inside>) =>
  edit("Who and what is inside", ({ brief }) => void Object.assign(brief.inside, change))

export const setPlant = (change: Partial<Plant>) =>
  edit(
    "offGrid" in change ? "Battery and panel" : "cooler" in change ? "Cooler" : "Heater",
    ({ brief }) => void Object.assign(brief.plant, change),
  )

/** @param goods null takes them out */
export const setGoods = (id: string, goods: Goods | null) =>
  edit(goods ? `Goods: ${goods.name}` : "Goods taken out", ({ brief: { inside } }) => {
    if (goods) inside.goods[id] = goods
    else delete inside.goods[id]
  })

/** @param service null takes conductivities as declared */
export const setService = (service: Service | null) =>
  edit(service ? "Insulation in service" : "Insulation as declared", (job) => void (job.brief.service = service))
