import type { Machine } from "../../schema/job/plant"

/** The same in all weather. */
const steady = (performance: number): Machine["outdoors"] => [{ temperature: 0, output: 1, performance }]

type Row = readonly [temperature: number, output: number, performance: number]
const byOutdoors = (...rows: Row[]): Machine["outdoors"] =>
  rows.map(([temperature, output, performance]) => ({ temperature, output, performance }))
const byRoom = (...rows: (readonly [temperature: number, output: number])[]): Machine["room"] =>
  rows.map(([temperature, output]) => ({ temperature, output }))

/**
 * Heaters of every sort that such rooms have, invented, to begin from; output and performance as the maker's sheet says replace them.
 * @see EN 14511:2018 and EN 14825:2018 (points at which heat pumps are told), EN 13240 (stoves): orders of size, of no product
 */
export const HEATERS: Readonly<Record<string, Machine>> = {
  "electric-heater": { name: "Electric heater", energy: "electricity", outdoors: steady(1), room: [], fan: 0, least: 0 },
  "diesel-air-heater": { name: "Diesel air heater", energy: "diesel", outdoors: steady(0.8), room: [], fan: 20, least: 0.4 },
  "gas-air-heater": { name: "Gas air heater with a flue", energy: "gas", outdoors: steady(0.82), room: [], fan: 30, least: 0.5 },
  "wood-stove": { name: "Wood stove", energy: "wood", outdoors: steady(0.72), room: [], fan: 0, least: 0.5 },
  "heat-pump": {
    name: "Heat pump, air to air",
    energy: "electricity",
    outdoors: byOutdoors([-25, 0.55, 1.6], [-15, 0.7, 2.1], [-7, 0.8, 2.6], [2, 0.88, 3], [7, 1, 3.9], [15, 1.1, 4.7]),
    room: byRoom([10, 1.06], [20, 1], [25, 0.95]),
    fan: 0,
    least: 0.25,
  },
}

/** The same of coolers; output rated at 35 °C outdoors, and in a room at 27 °C or, where it is built for the cold, at 3 °C. */
export const COOLERS: Readonly<Record<string, Machine>> = {
  "split-cooler": {
    name: "Split air conditioner",
    energy: "electricity",
    outdoors: byOutdoors([20, 1.1, 5], [27, 1.06, 4.2], [35, 1, 3.3], [43, 0.9, 2.5], [50, 0.78, 1.9]),
    room: byRoom([16, 0.8], [27, 1], [32, 1.06]),
    fan: 0,
    least: 0.25,
  },
  "room-conditioner": {
    name: "Window air conditioner",
    energy: "electricity",
    outdoors: byOutdoors([20, 1.08, 3.7], [35, 1, 2.8], [46, 0.85, 2]),
    room: byRoom([16, 0.78], [27, 1], [32, 1.07]),
    fan: 0,
    least: 1,
  },
  "rooftop-unit": {
    name: "Rooftop air conditioner",
    energy: "electricity",
    outdoors: byOutdoors([20, 1.06, 3.2], [35, 1, 2.5], [46, 0.86, 1.8]),
    room: byRoom([16, 0.78], [27, 1], [32, 1.07]),
    fan: 0,
    least: 1,
  },
  "cold-room-unit": {
    name: "Cold-room unit",
    energy: "electricity",
    outdoors: byOutdoors([15, 1.22, 3.1], [25, 1.12, 2.7], [35, 1, 2.2], [43, 0.88, 1.7]),
    room: byRoom([-5, 0.76], [0, 0.91], [3, 1], [10, 1.24]),
    fan: 0,
    least: 1,
  },
}
