import { OPEN_SKY } from "../../core/sun/horizon"
import { NOTHING_BOUGHT } from "../../schema/job/buying"
import { type Brief, type Job, JOB_FORMAT, JOB_VERSION, type JobKind, NO_BREAKS, type Variant } from "../../schema/job/job"
import type { Assembly } from "../../schema/job/build-up"
import type { Form } from "../../schema/job/form"
import type { FaceId, Opening, Shell, Space } from "../../schema/job/shell"
import { NO_VENTILATION, NOTHING_INSIDE } from "../../schema/job/inside"
import { NO_PLANT } from "../../schema/job/plant"
import { FACES } from "../../schema/job/references"
import { currencyFor, type UnitSystem } from "../../core/quantity/unit-system"
import { SERVICE, WORTH } from "../brief-edits"
import { assemblyInMarket, openingsInMarket } from "./market"
import { opening } from "./openings"
import { type School, SCHOOLS } from "./schools"

/** What is asked before a job starts. */
export interface Answers {
  kind: JobKind
  name: string
  units: Job["units"]
  form: Form
  station: string
  school: string
}

interface Kit {
  label: string
  form: Form
  station: string
  use: string
  air: Brief["indoors"]
  /** Whether it stands in another building. */
  indoors?: true
  floor: Shell["floor"]
  ach50: number
  openings: Record<string, Opening>
}

const window = (face: FaceId, x: number, y: number, width: number, height: number, name = "Window"): Opening => {
  return opening(name, "window", face, [x, y, width, height])
}
const door = (face: FaceId, x: number, width: number, height: number, uValue: number, name = "Door"): Opening => {
  return opening(name, "door", face, [x, 0.05, width, height], { uValue })
}
const heated = (winter: number, humidity: number) => ({
  winter: { temperature: winter, relativeHumidity: humidity },
  summer: { temperature: 26, relativeHumidity: 0.5 },
})

/** What each kind of enclosure starts from; every figure can be changed afterwards. */
export const KITS: Readonly<Record<JobKind, Kit>> = {
  van: {
    label: "Panel van",
    form: { kind: "box", length: 3.3, width: 1.75, height: 1.9 },
    station: "linden-vale",
    use: "two sleep in it",
    air: heated(18, 0.5),
    floor: "wheels",
    ach50: 15,
    openings: {},
  },
  cabin: {
    label: "Towed cabin",
    form: { kind: "box", length: 4.2, width: 2.1, height: 2.1 },
    station: "linden-vale",
    use: "two sleep in it",
    air: heated(19, 0.5),
    floor: "frame",
    ach50: 10,
    openings: { door: door("right", 1.2, 0.65, 1.8, 2.5), window: window("left", 1.5, 0.9, 1, 0.6) },
  },
  "cold-room": {
    label: "Cold room",
    form: { kind: "box", length: 3, width: 2.4, height: 2.4 },
    station: "saltmarsh-quay",
    use: "holds flowers and roots",
    air: { winter: { temperature: 3, relativeHumidity: 0.85 }, summer: { temperature: 3, relativeHumidity: 0.85 } },
    indoors: true,
    floor: "slab",
    ach50: 4,
    openings: { door: door("front", 0.75, 0.9, 2, 0.7) },
  },
  shed: {
    label: "Shed or hut",
    form: { kind: "gable", length: 4.8, width: 3.6, wallHeight: 2.3, ridgeHeight: 3.4 },
    station: "linden-vale",
    use: "a place to work and stay",
    air: heated(20, 0.5),
    floor: "skids",
    ach50: 6,
    openings: { door: door("front", 1.35, 0.9, 2, 1.8), window: window("right", 1.6, 0.9, 1.4, 1) },
  },
  "post-frame": {
    label: "Post-frame",
    form: { kind: "gable", length: 12, width: 9, wallHeight: 3.6, ridgeHeight: 5.4 },
    station: "linden-vale",
    use: "a workshop on working days",
    air: heated(17, 0.5),
    floor: "slab",
    ach50: 7,
    openings: { door: door("front", 3, 3, 3, 2.2, "Large door"), window: window("left", 3, 1, 1.5, 1) },
  },
}

/** The build-ups of a school on the faces of a form, of what is sold where it is built. */
export function startVariant(school: School, form: Form, ach50: number, units: UnitSystem = "metric"): Variant {
  const wears = Object.fromEntries(
    FACES[form.kind].map((face) => [face, face === "floor" ? "floor" : face.startsWith("roof") ? "roof" : "wall"]),
  )
  const chosen = (assembly: Assembly, reason = school.fits): Assembly => ({ ...assemblyInMarket(assembly, units), reason })
  return {
    name: school.name,
    assemblies: { wall: chosen(school.wall), roof: chosen(school.roof), floor: chosen(school.floor, school.onFloor.fits) },
    wears,
    leakage: { ach50, shelter: 3 },
    ventilation: NO_VENTILATION,
    breaks: NO_BREAKS,
    stock: {},
    buying: NOTHING_BOUGHT,
  }
}

/**
 * A van's cab beyond the bulkhead, unheated: 2.2 m² of single glass at 5.8, 9 m² of bare sheet at 1/(0.13 + 0.04) W/(m²·K), and 3 m³ of air
 * changed five times an hour at 0.34 Wh/(m³·K) lose 13 + 53 + 5 W/K, rounded. Of that glass some
 * 1.6 m² at 0.8 see the sun at once.
 */
const CAB: Space = { kind: "unheated", name: "Cab", conductance: 70, glass: 1.3 }

/** A shell of a form with nothing measured on it yet. */
export function startShell(form: Form, { floor, openings, indoors }: Pick<Kit, "floor" | "openings" | "indoors">): Shell {
  const around = FACES[form.kind].filter((face) => indoors && face !== "floor")
  const cab = form.kind === "van"
  return {
    form,
    azimuth: 180,
    floor,
    chassis: null,
    overhang: { eaves: 0, ends: 0 },
    around: { ...OPEN_SKY, horizon: [...OPEN_SKY.horizon] },
    openings,
    boxes: {},
    notches: {},
    penetrations: {},
    zones: {},
    spaces: { ...(indoors && { around: { kind: "open", name: "Building around it" } }), ...(cab && { cab: CAB }) },
    against: { ...Object.fromEntries(around.map((face) => [face, "around"])), ...(cab && { front: "cab" }) },
    readings: {},
    levels: {},
    fits: {},
    loads: {},
  }
}

/** A whole job from six answers: the first figures are there at once, and every part of it can be changed. */
export function startJob(answers: Answers): Job {
  const kit = KITS[answers.kind]
  const schools = SCHOOLS[answers.kind]
  const school = schools.find(({ id }) => id === answers.school) ?? schools[0]!
  // A job of its own: kits and schools are shared between all jobs that start from them.
  return structuredClone({
    format: JOB_FORMAT,
    version: JOB_VERSION,
    name: answers.name,
    units: answers.units,
    currency: currencyFor(answers.units),
    brief: {
      kind: answers.kind,
      use: kit.use,
      station: answers.station,
      weather: null,
      outdoors: { winter: null, summer: null },
      indoors: kit.air,
      inside: NOTHING_INSIDE,
      plant: NO_PLANT,
      limits: { height: null, weight: null, money: null, loss: null, gain: null },
      worth: WORTH,
      service: SERVICE,
    },
    shell: startShell(answers.form, { ...kit, openings: openingsInMarket(kit.openings, answers.units) }),
    materials: {},
    variants: { first: startVariant(school, answers.form, kit.ach50, answers.units) },
    order: ["first"],
    active: "first",
    pinned: null,
  })
}
