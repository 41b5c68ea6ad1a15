import { current, type Draft } from "immer"
import { inSentence } from "../core/in-sentence"
import { CATALOGUE } from "../core/material/catalogue"
import type { Candidate } from "../core/material/search"
import { NOTHING_SAID } from "../core/takeoff/boarding"
import { layersOf, type LayerStuff, withStuff } from "../core/trials/substitutes"
import type { Boards, LockedJoint } from "../schema/job/build-up"
import type { Buying } from "../schema/job/buying"
import type { Job } from "../schema/job/job"
import type { SurfaceId } from "../core/enclosure/surface"
import type { SheetStock } from "../schema/job/sheet-stock"
import { type Edit, edit } from "./edit"

/** A layer of a build-up of the variant that is worked on. */
export interface LayerPlace {
  assembly: string
  layer: string
}

type Said = Omit<Boards, "locked">

const SAID: Record<keyof Said, string> = {
  course: "Which way boards lie",
  onMembers: "Joints on members",
  gap: "Gap between boards",
  apart: "How far joints lie apart",
  narrowest: "Narrowest strip",
  grain: "Direction of the sheet",
}

/** Says how the boards of some layers are laid; joints that are locked stay only while boards lie the same way. */
export const setBoards = (layers: readonly LayerPlace[], said: Partial<Said>): Edit =>
  edit(SAID[Object.keys(said)[0] as keyof Said], (job) => {
    for (const { assembly, layer } of layers) {
      const target = job.variants[job.active]!.assemblies[assembly]!.layers[layer]!
      const boards: Boards = { ...(target.boards ?? NOTHING_SAID), ...said }
      target.boards = said.course === undefined ? boards : { ...boards, locked: {} }
    }
  })

/**
 * Puts a joint of a face where it stays.
 * @param course which way its boards lie now: they keep to it
 * @param before the joint that is moved, where it was locked
 */
export const lockJoint = (
  { assembly, layer }: LayerPlace,
  face: SurfaceId,
  course: "beside" | "up",
  joint: LockedJoint,
  before: LockedJoint | null,
): Edit =>
  edit("Lock a joint", (job) => {
    const target = job.variants[job.active]!.assemblies[assembly]!.layers[layer]!
    const boards = target.boards ?? NOTHING_SAID
    const others = (boards.locked[face] ?? []).filter((lock) => !before || lock.course !== before.course || lock.at !== before.at)
    target.boards = { ...boards, course, locked: { ...boards.locked, [face]: [...others, joint] } }
  })

/** Lets a joint go again. */
export const freeJoint = ({ assembly, layer }: LayerPlace, face: SurfaceId, joint: LockedJoint): Edit =>
  edit("Free a joint", (job) => {
    const boards = job.variants[job.active]!.assemblies[assembly]!.layers[layer]!.boards
    if (!boards) return
    boards.locked[face] = (boards.locked[face] ?? []).filter(({ course, at }) => course !== joint.course || at !== joint.at)
  })

/** Another stuff in the place of one that is not to be had, in all layers of it. */
export const standIn = (stuff: LayerStuff, next: Pick<Candidate, "id" | "thickness" | "material">): Edit =>
  edit(`Use ${inSentence(next.material.name)} instead`, (job) => {
    const variant = job.variants[job.active]!
    const now = current(variant)
    variant.assemblies = withStuff(now, layersOf(now, stuff), next).assemblies
  })

/** How much one pack holds; null counts by the measure again. */
export const setPack = (key: string, holds: number | null): Edit =>
  edit("What a pack holds", (job) => {
    const { packs } = job.variants[job.active]!.buying
    if (holds === null) delete packs[key]
    else packs[key] = holds
  })

/** What boards are cut from. @param id of what was said of the same boards before, or a new one */
export const setStock = (id: string, stock: SheetStock): Edit =>
  edit(`Sheets of ${CATALOGUE[stock.material] ? inSentence(CATALOGUE[stock.material]!.name) : "an own material"}`, (job) => {
    job.variants[job.active]!.stock[id] = stock
  })

const buyingOf = (job: Draft<Job>) => job.variants[job.active]!.buying

/** Ticks a line of the shopping list off, or on again. */
export const tickOff = (key: string, bought: boolean): Edit =>
  edit(bought ? "Bought" : "Not bought", (job) => {
    const buying = buyingOf(job)
    buying.ticked = [...buying.ticked.filter((one) => one !== key), ...(bought ? [key] : [])]
  })

/** The price of one; null takes that of its material again. */
export const setPrice = (key: string, price: number | null): Edit =>
  edit("Price of one", (job) => {
    const { prices } = buyingOf(job)
    if (price === null) delete prices[key]
    else prices[key] = price
  })

/** The rules that the shopping list is made by, and where axles stand. */
export const setBuying = (change: Partial<Pick<Buying, "screws" | "tape" | "blown" | "axles">>): Edit =>
  edit(change.axles === undefined ? "Rules of the shopping list" : "Axles", (job) => void Object.assign(buyingOf(job), change))
