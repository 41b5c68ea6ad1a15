import { inSentence } from "../core/in-sentence"
import { current, type Draft } from "immer"
import { InputError } from "../schema/outcome"
import { type SurfaceId, surfacesOf } from "../core/enclosure/surface"
import { CATALOGUE, materialOf, materialsSold } from "../core/material/catalogue"
import { nearestSold } from "../core/material/layer-properties"
import type { Ventilation } from "../schema/job/inside"
import type { Breaks, Job, Leakage, OwnMaterials } from "../schema/job/job"
import type { FaceId } from "../schema/job/shell"
import { type Assembly, type Layer, type MemberSet, PLAIN_LAYER, type SlabEdge } from "../schema/job/build-up"
import type { Material } from "../schema/material"
import { type Edit, edit } from "./edit"

const variantOf = (job: Draft<Job>) => job.variants[job.active]!
const assemblyOf = (job: Draft<Job>, assembly: string) => variantOf(job).assemblies[assembly]!
const layerOf = (job: Draft<Job>, assembly: string, layer: string) => assemblyOf(job, assembly).layers[layer]!

/** A material by name, as it is sold where the job is built: one that it brings along, or the catalogue's. */
const stuffOf = ({ materials, units }: Draft<Job>, material: string): Material => materialOf(material, materialsSold(materials, units))
const called = (material: string) => (CATALOGUE[material] ? inSentence(CATALOGUE[material].name) : "an own material")

/** Most that a layer may taper, for its mean thickness: something is left at its thin end. */
const MOST_TAPER = 1.98

/** How thick a layer is at one end and at the other. */
export const setEnds = (assembly: string, layer: string, one: number, other: number) =>
  edit("Thickness at both ends", (job) => {
    const target = layerOf(job, assembly, layer)
    target.thickness = (one + other) / 2
    target.taper = other - one
    unpress(target, Math.max(one, other))
  })

/** Fibre laid as thick as it is sold is not pressed any more. @param thickest m, at its thick end */
function unpress(layer: Draft<Layer>, thickest: number): void {
  if (layer.loose !== null && layer.loose <= thickest) layer.loose = null
}

export const setThickness = (assembly: string, layer: string, thickness: number) =>
  edit("Thickness", (job) => {
    const target = layerOf(job, assembly, layer)
    target.thickness = thickness
    target.taper = Math.max(-MOST_TAPER * thickness, Math.min(MOST_TAPER * thickness, target.taper))
    unpress(target, thickness + Math.abs(target.taper) / 2)
  })

/** A new layer at a place in the list; where no thickness is given, as it is sold nearest to 25 mm. */
export const addLayer = (assembly: string, id: string, material: string, at: number, thickness?: number) =>
  edit(`Add ${called(material)}`, (job) => {
    const target = assemblyOf(job, assembly)
    target.layers[id] = freshLayer(material, thickness ?? nearestSold(stuffOf(job, material), 0.025))
    target.order.splice(at, 0, id)
  })

/** A new layer between the members of a set. */
export const addBetween = (assembly: string, id: string, material: string, at: number, thickness: number, set: string): Edit => {
  const { label, recipe } = addLayer(assembly, id, material, at, thickness)
  return edit(label, (job) => {
    recipe(job)
    layerOf(job, assembly, id).between = set
  })
}

export const freshLayer = (material: string, thickness: number): Layer => ({ ...PLAIN_LAYER, material, thickness })

export const removeLayer = (assembly: string, layer: string) =>
  edit("Remove a layer", (job) => {
    const target = assemblyOf(job, assembly)
    if (target.order.length === 1) return
    target.order = target.order.filter((id) => id !== layer)
    delete target.layers[layer]
    dropIdle(target)
  })

export const moveLayer = (assembly: string, layer: string, to: number) =>
  edit("Move a layer", (job) => {
    const { order } = assemblyOf(job, assembly)
    const from = order.indexOf(layer)
    if (from === -1 || to < 0 || to >= order.length || to === from) return
    order.splice(from, 1)
    order.splice(to, 0, layer)
  })

/** Another material in the same place; where no thickness is given, at the nearest that it is sold in. */
export const replaceLayer = (assembly: string, layer: string, material: string, thickness?: number) =>
  edit(`Replace with ${called(material)}`, (job) => {
    const target = layerOf(job, assembly, layer)
    target.material = material
    target.thickness = thickness ?? nearestSold(stuffOf(job, material), target.thickness)
    // Another stuff is not pressed as the old one was.
    target.loose = null
  })

/** A new set of members, with a layer between them. */
export const addMembers = (assembly: string, id: string, set: MemberSet, layer: string) =>
  edit(`Add ${inSentence(set.name)}`, (job) => {
    const target = assemblyOf(job, assembly)
    target.members[id] = set
    target.layers[layer]!.between = id
  })

export const setMembers = (assembly: string, id: string, change: Partial<MemberSet>) =>
  edit("Members", (job) => void Object.assign(assemblyOf(job, assembly).members[id]!, change))

/** Members of a face measured one by one; null puts them at their spacing again. */
export const setPositions = (assembly: string, id: string, face: FaceId, positions: number[] | null) =>
  edit("Members one by one", (job) => {
    const set = assemblyOf(job, assembly).members[id]!
    if (positions === null) delete set.positions[face]
    else set.positions[face] = positions
  })

/** One more set of members in a layer that lies between others: blocks, nailers. */
export const addAlso = (assembly: string, id: string, set: MemberSet, layer: string) =>
  edit(`Add ${inSentence(set.name)}`, (job) => {
    const target = assemblyOf(job, assembly)
    target.members[id] = set
    target.layers[layer]!.also.push(id)
  })

/** Which further sets of members stand in a layer; those that stand in none are gone. */
export const setAlso = (assembly: string, layer: string, sets: readonly string[]) =>
  edit("Members in a layer", (job) => {
    const target = assemblyOf(job, assembly)
    target.layers[layer]!.also = [...sets]
    dropIdle(target)
  })

/** Lays a layer between the members of a set, or lets it run on; members that nothing lies between are gone. */
export const setBetween = (assembly: string, layer: string, set: string | null) =>
  edit(set === null ? "Continuous layer" : "Between members", (job) => {
    const target = assemblyOf(job, assembly)
    const changed = target.layers[layer]!
    changed.between = set
    changed.also = set === null ? [] : changed.also.filter((one) => one !== set)
    dropIdle(target)
  })

function dropIdle({ members, layers }: Draft<Assembly>): void {
  const used = new Set(Object.values(layers).flatMap(({ between, also }) => [between, ...also]))
  for (const id of Object.keys(members)) if (!used.has(id)) delete members[id]
}

/** What can be said of a layer beside its material and its place. */
type Said = Pick<Layer, "existing" | "voids" | "loose" | "fasteners" | "vents">

const SAID: Record<keyof Said, string> = {
  existing: "There already",
  voids: "How well it is fitted",
  loose: "Pressed fibre",
  fasteners: "What holds it",
  vents: "Openings of an air space",
}

export const setLayer = (assembly: string, layer: string, said: Partial<Said>) =>
  edit(SAID[Object.keys(said)[0] as keyof Said], (job) => void Object.assign(layerOf(job, assembly, layer), said))

export const setAbsorptance = (assembly: string, absorptance: number | null) =>
  edit("Colour of the skin", (job) => void (assemblyOf(job, assembly).absorptance = absorptance))

export const wear = (surface: SurfaceId, assembly: string) =>
  edit("Use another build-up", (job) => void (variantOf(job).wears[surface] = assembly))

/** Another build-up in the place of one, on all faces that wear it; the materials that it brings along come with it. */
export const wearBuildUp = (assembly: string, next: Assembly, materials: OwnMaterials) =>
  edit(`Use ${next.name}`, (job) => {
    bring(job, materials)
    variantOf(job).assemblies[assembly] = structuredClone(next)
  })

/** Materials that come along; those that the job has under these names stay as they are. */
function bring(job: Draft<Job>, materials: OwnMaterials): void {
  for (const [id, material] of Object.entries(materials)) job.materials[id] ??= structuredClone(material)
}

/** An edit of layers of a material that may not be in the job yet. */
export const bringing = (materials: OwnMaterials, { label, recipe }: Edit) =>
  edit(label, (job) => {
    bring(job, materials)
    recipe(job)
  })

/** Writes a material of one's own down, new or anew. */
export const setMaterial = (id: string, material: Material) =>
  edit(`Write down ${material.name}`, (job) => void (job.materials[id] = material))

/** Drops an own material that nothing is made of. */
export const dropMaterial = (id: string) =>
  edit("Drop an own material", (job) => {
    const { materials, ...rest } = current(job)
    // What is pinned brings its own along.
    if (JSON.stringify({ ...rest, pinned: null }).includes(`"${id}"`))
      throw new InputError("in-use", ["materials", id], `${materials[id]!.name} is built in somewhere in this job: replace it there first.`)
    delete job.materials[id]
  })

/** What a build-up is called, and why it was chosen. */
export const setAssembly = (assembly: string, said: Partial<Pick<Assembly, "name" | "reason">>) =>
  edit("name" in said ? "Name of a build-up" : "Why it was chosen", (job) => void Object.assign(assemblyOf(job, assembly), said))

/** Gives a surface a copy of its build-up, so that changing it leaves others alone. */
export const wearOwn = (surface: SurfaceId, id: string, name: string) =>
  edit("A build-up of its own", (job) => {
    const variant = variantOf(job)
    const { assembly } = surfacesOf(current(job.shell), current(variant)).find((one) => one.id === surface)!
    const copy: Assembly = current(variant.assemblies[assembly]!)
    variant.assemblies[id] = { ...copy, name }
    variant.wears[surface] = id
  })

export const setLeakage = (change: Partial<Leakage>) => edit("Air leakage", (job) => void Object.assign(variantOf(job).leakage, change))

export const setVentilation = (change: Partial<Ventilation>) =>
  edit("Outdoor air let in", (job) => void Object.assign(variantOf(job).ventilation, change))

/** What parts the frame of an opening, or what runs through a face; 0 takes it out. */
export const setBreak = (list: keyof Breaks, id: string, thickness: number) =>
  edit("A break", (job) => {
    const breaks = variantOf(job).breaks[list]
    if (thickness === 0) delete breaks[id]
    else breaks[id] = thickness
  })

/** Insulation along the edge of a floor on the ground. */
export const setSlabEdge = (assembly: string, edge: SlabEdge | null) =>
  edit("Insulation along the slab's edge", (job) => void (assemblyOf(job, assembly).edge = edge))
