import type { Job } from "../../schema/job/job"
import { COOLERS, HEATERS } from "../../core/plant/models"
import { PER_PERSON } from "../../core/inside/ventilation"
import type { Offsets } from "../../schema/job/shell"
import { RIBS, level, sketch, stack, timber } from "./layers"
import { opening } from "./openings"
import { startJob } from "./start-job"

/**
 * The four jobs of the Quillback Fen field station, all invented. Each has one flaw that a person can find:
 * Larkspur's ribs are bridges, Cold Nettle has its tight layer on the cold side, Tern Hut has no height left under the
 * eaves, Eel Barn has a hot roof.
 */
export function demoJobs(): Job[] {
  return [larkspur(), coldNettle(), ternHut(), eelBarn()]
}

function larkspur(): Job {
  const form = {
    kind: "van",
    length: 3.6,
    width: 1.78,
    waistHeight: 1.05,
    shoulderWidth: 1.62,
    shoulderHeight: 1.84,
    wallBow: 0.015,
    crownHeight: 1.94,
  } as const
  const job = startJob({ kind: "van", name: "Larkspur", units: "metric", form, station: "norrhalde", school: "fibre" })
  const fromBack = [0.12, 0.68, 1.25, 1.83, 2.4, 2.98, 3.5]
  const ribs = {
    ...RIBS,
    name: "Ribs and waist rail",
    // Seen from inside, the right wall runs from the front to the back.
    positions: { left: fromBack, right: fromBack.map((position) => round(form.length - position)).reverse() },
    cross: [form.waistHeight],
  }
  const lining = stack`hemp-batt 45 between ${ribs} voids 1, foil-membrane 0.3, birch-plywood 6.5`
  job.brief.use = "winter survey lab with two bunks; roams"
  job.brief.indoors.winter = { temperature: 18, relativeHumidity: 0.5 }
  job.brief.limits = { height: 1.78, weight: 320, money: 900, loss: 2000, gain: 1500 }
  Object.assign(job.brief.inside, { people: 2, equipment: 60 })
  // 200 Ah at 12 V, of which all can be drawn; 300 W flat on the roof; a fridge, lamps and laptops.
  job.brief.plant = {
    heater: HEATERS["diesel-air-heater"]!,
    cooler: COOLERS["rooftop-unit"]!,
    offGrid: { battery: 8.64e6, panel: 300, tilt: 0, azimuth: 180, generator: 1000, inverter: 0.9, appliances: 2.88e6 },
  }
  job.shell.azimuth = 10
  job.shell.openings = {
    "side-window": opening("Side window", "window", "left", [0.8, 0.95, 0.9, 0.45], { uValue: 2.9, solarFactor: 0.6 }),
    "sliding-door": opening("Sliding door", "sliding-door", "right", [0.3, 0.05, 1.2, 1.65], { uValue: 3.2, solarFactor: 0.05 }),
    "roof-fan": opening("Roof fan", "hatch", "roof", [1.5, 0.61, 0.4, 0.4], { uValue: 4.5, solarFactor: 0.3 }),
  }
  // Their tops are round: heights every fifth of a metre along the floor.
  const arch: Offsets = [
    [0, 0.12],
    [0.2, 0.28],
    [0.4, 0.31],
    [0.55, 0.31],
    [0.75, 0.28],
    [0.95, 0.12],
  ]
  const wheel = { x: 0.55, length: 0.95, width: 0.22, height: 0.31, outline: arch }
  job.shell.boxes = {
    "left-wheel": { name: "Left wheel box", side: "left", ...wheel },
    "right-wheel": { name: "Right wheel box", side: "right", ...wheel },
  }
  job.shell.fits = {
    bunk: { name: "Bunk", size: 1.95, along: "length" },
    sheet: { name: "Sheet of plywood laid flat", size: 2.5, along: "length" },
  }
  const variant = job.variants.first!
  variant.name = "hemp between the ribs"
  variant.assemblies = {
    wall: sketch("Side walls", stack`steel-painted 0.8 there, ${lining}`, 0.6),
    roof: sketch("Roof", stack`steel-painted 0.8 there, polyiso 30 between ${RIBS}, birch-plywood 6.5`, 0.6),
    floor: sketch("Floor", stack`steel-painted 0.8 there, xps 30, birch-plywood 12, vinyl-floor 2`),
    bulkhead: sketch("Bulkhead", stack`steel-painted 0.8 there, xps 20, birch-plywood 9`, 0.3),
    doors: sketch("Rear doors", stack`steel-painted 0.8 there, elastomeric-foam 19, birch-plywood 6.5`, 0.6),
  }
  variant.wears = { ...variant.wears, front: "bulkhead", back: "doors" }
  variant.leakage = { ach50: 18, shelter: 3 }
  variant.ventilation = { perPerson: PER_PERSON.III, always: 0, recovery: 0 }
  return job
}

function coldNettle(): Job {
  // Wanted inside: 3.0 × 2.4 × 2.3 m; walls and ceiling are 131.3 mm, the floor on the slab 120.2 mm.
  const form = { kind: "box", length: 3.2626, width: 2.6626, height: 2.5515 } as const
  const job = startJob({ kind: "cold-room", name: "Cold Nettle", units: "metric", form, station: "saltmarsh-quay", school: "xps" })
  job.brief.use = "walk-in flower and tuber room inside an open farm shed"
  job.brief.limits = { height: 2.25, weight: null, money: 2600, loss: null, gain: 900 }
  job.brief.plant.cooler = COOLERS["cold-room-unit"]!
  // Somebody is in for a third of the working day; 20 W of a lamp then, 40 W of fans on the mean;
  // four thaws a day of a quarter of an hour at 360 W, on the mean 15 W.
  Object.assign(job.brief.inside, {
    people: 0.3,
    activity: "light-work",
    equipment: 60,
    from: 7,
    to: 17,
    defrost: 15,
    running: 18,
    reserve: 0.1,
  })
  job.brief.inside.goods = {
    // Potatoes, by ASHRAE Refrigeration 2018, ch. 19, tables 3 and 9.
    tubers: {
      ...{ name: "Tubers", mass: 60, hours: 24, temperature: 18, specificHeat: 3670, stored: 400, respiration: 0.018 },
      freezing: { temperature: -0.6, latentHeat: 264_000, specificHeat: 1930 },
    },
    // As so much water, and a respiration that is guessed.
    flowers: {
      ...{ name: "Cut flowers in buckets", mass: 40, hours: 12, temperature: 15, specificHeat: 4180, stored: 120, respiration: 0.05 },
      freezing: { temperature: 0, latentHeat: 333_550, specificHeat: 2100 },
    },
  }
  job.shell.openings.door = opening("Door", "door", "front", [0.8, 0.16, 0.95, 2], {
    uValue: 0.6,
    solarFactor: 0,
    traffic: { perDay: 30, seconds: 20, guard: "strips" },
  })
  job.shell.readings = {
    length: { dimension: "length", held: "lined", value: 3 },
    width: { dimension: "width", held: "lined", value: 2.4 },
    height: { dimension: "height", held: "lined", value: 2.3 },
  }
  const variant = job.variants.first!
  variant.name = "wool and an inner foil"
  const framed = stack`softwood-plywood 9, stone-wool 120 between ${timber("Studs", 0.045, 0.6)}, foil-membrane 0.3, grp-sheet 2`
  variant.assemblies = {
    wall: sketch("Walls", framed),
    roof: sketch("Ceiling", framed),
    floor: sketch("Floor", stack`concrete 120 there, polythene 0.2, xps 100, birch-plywood 18, grp-sheet 2`),
  }
  return job
}

function ternHut(): Job {
  const form = { kind: "gable", length: 4.8, width: 3.6, wallHeight: 2.2, ridgeHeight: 3.3 } as const
  const job = startJob({ kind: "shed", name: "Tern Hut", units: "metric", form, station: "varnfell", school: "smart" })
  job.brief.use = "gable hut on skids with a wood stove, let at weekends"
  job.brief.limits = { height: 1.95, weight: 2600, money: 5200, loss: 4000, gain: null }
  // The nights that begin on Friday and Saturday; the stove is lit when the guests come.
  Object.assign(job.brief.inside, { people: 4, from: 17, to: 10, days: [false, false, false, false, true, true, false] })
  job.brief.inside.away = { heating: null, cooling: null, hours: 8, early: false }
  job.brief.plant.heater = HEATERS["wood-stove"]!
  job.shell.azimuth = 90
  job.shell.overhang = { eaves: 0.4, ends: 0.3 }
  job.shell.levels = {
    near: { name: "Back left corner", x: 0, y: 0, rise: 0 },
    far: { name: "Front right corner", x: 4.8, y: 3.6, rise: 0.012 },
  }
  job.shell.fits = { bed: { name: "Bed", size: 2, along: "width" } }
  job.shell.openings = {
    door: opening("Door", "door", "right", [0.6, 0.19, 0.9, 1.95], { uValue: 1.6, solarFactor: 0.02 }),
    "south-window": opening("South window", "window", "right", [2.4, 0.9, 1.4, 1], { uValue: 1.5, solarFactor: 0.55 }),
    "gable-window": opening("Gable window", "window", "front", [1.3, 1, 1, 0.9], { uValue: 1.5, solarFactor: 0.55 }),
  }
  const variant = job.variants.first!
  variant.name = "as drawn"
  variant.assemblies = {
    wall: sketch(
      "Walls, behind the vented boards",
      stack`wood-fibre-board 35, stone-wool 120 between ${timber("Studs", 0.045, 0.6, { cross: [1.1] })}, smart-membrane 0.3,
birch-plywood 9`,
      0.6,
    ),
    roof: sketch(
      "Roof, under the vented sheets",
      stack`wood-fibre-board 35, wood-fibre-batt 200 between ${timber("Rafters", 0.045, 0.6, { overhang: 0.4 })}, smart-membrane 0.3,
birch-plywood 9`,
      0.75,
    ),
    floor: sketch(
      "Floor on skids",
      stack`wood-fibre-board 22, stone-wool 145 between ${timber("Joists", 0.045, 0.6)}, smart-membrane 0.3, softwood-plywood 18`,
    ),
  }
  variant.leakage = { ach50: 5, shelter: 2 }
  variant.ventilation = { perPerson: PER_PERSON.III, always: 0, recovery: 0 }
  return job
}

function eelBarn(): Job {
  const form = { kind: "gable", length: 12, width: 9, wallHeight: 3.6, ridgeHeight: 5.1 } as const
  const job = startJob({ kind: "post-frame", name: "Eel Barn", units: "metric", form, station: "callow-plain", school: "wool" })
  job.brief.use = "boat workshop on a slab, heated and cooled on working days"
  job.brief.limits = { height: 3.2, weight: null, money: 14000, loss: 12000, gain: 6000 }
  Object.assign(job.brief.inside, { people: 3, activity: "light-work", equipment: 1500, from: 7, to: 17 })
  job.brief.inside.days = [true, true, true, true, true, false, false]
  job.brief.inside.away = { heating: 10, cooling: null, hours: 6, early: true }
  job.brief.plant = { heater: HEATERS["gas-air-heater"]!, cooler: COOLERS["split-cooler"]!, offGrid: null }
  job.shell.azimuth = 200
  job.shell.overhang = { eaves: 0.45, ends: 0.45 }
  job.shell.openings = {
    "boat-door": opening("Boat door", "door", "front", [2.7, 0.05, 3.6, 3.2], { uValue: 2.2, solarFactor: 0.03 }),
    door: opening("Side door", "door", "right", [1.2, 0.05, 0.95, 2.05], { uValue: 1.8, solarFactor: 0.02 }),
    "north-windows": opening("Bench windows", "window", "left", [3, 1.1, 3, 1], { uValue: 2.7, solarFactor: 0.65 }),
  }
  const variant = job.variants.first!
  variant.name = "thin board under a dark roof"
  variant.assemblies = {
    ...variant.assemblies,
    roof: sketch("Roof", stack`steel-painted 0.5 there, polyiso 25 between ${level("Purlins", 0.038, 0.6)}, osb 12`, 0.9),
    floor: sketch("Slab", stack`concrete 150 there`),
  }
  variant.leakage = { ach50: 8, shelter: 2 }
  variant.ventilation = { perPerson: PER_PERSON.II, always: 0, recovery: 0 }
  return job
}

/** To the millimetre, as it was measured. */
const round = (length: number) => Math.round(length * 1000) / 1000
