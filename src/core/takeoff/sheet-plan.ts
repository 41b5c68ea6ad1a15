import type { Clipper, Course } from "../laying/lay-boards"
import { soundClip } from "../laying/sound-clip"
import type { Boarding } from "./boarding"
import { cutStuff, type StuffAsked, type StuffCut } from "./cut-stuff"
import { type LaidLayer, laidLayers } from "./laid-layers"

/** How boards of one stuff are laid and cut. */
export interface StuffPlan extends StuffCut {
  /** The way that was taken as it needs fewer; null where a way is said. */
  course: Course | null
  /** The same with boards laid the other way; null where a way is said, or where that cannot be. */
  other: { course: Course; bought: number; cost: number; cuts: number; slivers: number } | null
}

/** All boards laid and cut. */
export interface SheetPlan {
  layers: LaidLayer[]
  stuffs: StuffPlan[]
}

const WAYS: readonly Course[] = ["up", "beside"]

/**
 * Lays all layers of boards on their faces and cuts them out of sheets. Where nobody says which way boards lie, both ways are laid and cut, and
 * the one is taken whose joints members carry, then the cheaper one, then that with fewer cuts.
 * @param time ms for each stuff's nesting, turned into a number of plans
 */
export function sheetPlan({ stuffs, faces }: Boarding, clipper: Clipper, time: number): SheetPlan {
  const clip = soundClip(clipper)
  const all = faces.flat()
  const free = new Set(all.flatMap(({ course, stuff }) => (course === null ? [stuff] : [])))
  const laid = (wayOf: (stuff: string) => Course) => laidLayers(faces, stuffs, wayOf, clip)
  const cut = (layers: readonly LaidLayer[], key: string): StuffCut => cutStuff(askedOf({ stuffs, faces }, layers, key, time), clip)
  const tried = (free.size > 0 ? WAYS : []).map((way) => {
    const layers = laid(() => way)
    return { way, plans: new Map([...free].map((key) => [key, cut(layers, key)])) }
  })
  const ways = new Map([...free].map((key) => [key, betterWay(tried, key)]))
  const layers = laid((key) => ways.get(key)?.way ?? "beside")
  return {
    layers,
    stuffs: stuffs.map(({ key }) => {
      const course = ways.get(key)?.way ?? null
      const other = tried.find(({ way }) => course !== null && way !== course)
      const turned = other?.plans.get(key)
      const { bought = 0, cost = 0, cuts = 0, slivers = 0 } = turned ?? {}
      return {
        ...cut(layers, key),
        course,
        other: other && turned?.fault === null ? { course: other.way, bought, cost, cuts, slivers } : null,
      }
    }),
  }
}

/** A stuff's layers to be cut. */
export const askedOf = ({ stuffs, faces }: Boarding, layers: readonly LaidLayer[], key: string, time: number): StuffAsked => ({
  stuff: stuffs.find((stuff) => stuff.key === key)!,
  layers: layers.filter((layer) => layer.stuff === key),
  grain: faces.flat().some((layer) => layer.stuff === key && layer.grain),
  time,
})

interface Way {
  way: Course
  plans: ReadonlyMap<string, StuffCut>
}

function betterWay([one, other]: readonly Way[], key: string): Way {
  const [a, b] = [one!.plans.get(key)!, other!.plans.get(key)!]
  if ((a.fault === null) !== (b.fault === null)) return a.fault === null ? one! : other!
  if (a.unheld !== b.unheld) return a.unheld < b.unheld ? one! : other!
  return a.cost < b.cost - 1e-9 || (a.cost < b.cost + 1e-9 && a.cuts <= b.cuts) ? one! : other!
}
