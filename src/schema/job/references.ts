import type { Fault } from "../outcome"
import { type FormKind, formContradiction, measureOf } from "./form"
import type { Job, OwnMaterials, Variant } from "./job"
import type { Plant } from "./plant"
import { FaceId, type Offsets, type Shell } from "./shell"
import type { Assembly } from "./build-up"

/** Names that a job may use but that it does not hold itself. */
export interface Known {
  materials: ReadonlySet<string>
  stations: ReadonlySet<string>
}

type Path = (string | number)[]

/** Faces of each form, in the order in which one steps through them. */
export const FACES: Record<FormKind, readonly FaceId[]> = {
  box: ["floor", "left", "roof", "right", "front", "back"],
  gable: ["floor", "left", "roof-left", "right", "roof-right", "front", "back"],
  shed: ["floor", "left", "roof", "right", "front", "back"],
  hip: ["floor", "left", "roof-left", "right", "roof-right", "front", "roof-front", "back", "roof-back"],
  arch: ["floor", "left", "roof", "right", "front", "back"],
  van: ["floor", "left", "roof", "right", "front", "back"],
}

/**
 * What the shapes alone cannot hold: each name refers to something that is there, and each list names each part once.
 * @returns the first fault, or null
 */
export function referenceFault(job: Job, known: Known): Fault | null {
  if (!known.stations.has(job.brief.station)) return unknown(["brief", "station"], job.brief.station, "station")
  const machine = machineFault(job.brief.plant, ["brief", "plant"])
  if (machine) return machine
  const materials = materialsFault(job.materials, known, ["materials"])
  if (materials) return materials
  const within = withOwn(known, job.materials)
  const shell = shellFault(job.shell, within)
  if (shell) return shell
  const order = orderFault(job.order, job.variants, ["order"], "variant")
  if (order) return order
  if (!Object.hasOwn(job.variants, job.active)) return unknown(["active"], job.active, "variant")
  for (const [id, variant] of Object.entries(job.variants)) {
    const fault = variantFault(variant, job.shell, within, ["variants", id])
    if (fault) return fault
  }
  return job.pinned && snapshotFault(job.pinned, known)
}

function snapshotFault({ brief, materials, shell, variant }: NonNullable<Job["pinned"]>, known: Known): Fault | null {
  const fault = machineFault(brief.plant, ["pinned", "brief", "plant"]) ?? materialsFault(materials, known, ["pinned", "materials"])
  return fault ?? variantFault(variant, shell, withOwn(known, materials), ["pinned", "variant"])
}

const withOwn = (known: Known, own: OwnMaterials): Known => ({ ...known, materials: new Set([...known.materials, ...Object.keys(own)]) })

/** The same of a build-up by itself, and of the materials that it brings along. */
export function keptFault(assembly: Assembly | null, materials: OwnMaterials, known: Known): Fault | null {
  const fault = materialsFault(materials, known, ["materials"])
  return fault ?? (assembly && assemblyFault(assembly, withOwn(known, materials), ["assembly"]))
}

/** What a machine gives stands by rising temperatures. */
function machineFault(plant: Plant, path: Path): Fault | null {
  for (const way of ["heater", "cooler"] as const)
    for (const curve of ["outdoors", "room"] as const)
      if (!isIncreasing((plant[way]?.[curve] ?? []).map(({ temperature }) => temperature)))
        return {
          code: "contradiction",
          path: [...path, way, curve],
          message: `The temperatures at which the output of ${plant[way]!.name} is told must rise from one to the next.`,
        }
  return null
}

const isIncreasing = (values: readonly number[]) => values.every((value, i) => i === 0 || value > values[i - 1]!)

/** What of a material's record its shape alone cannot hold. */
function materialsFault(materials: OwnMaterials, known: Known, path: Path): Fault | null {
  for (const [id, { name, conductivity, sorption, sold }] of Object.entries(materials)) {
    const at = [...path, id]
    if (known.materials.has(id)) return { code: "duplicate", path: at, message: `The catalogue has a material "${id}" of its own.` }
    const courses = [
      { of: [...at, "conductivity", "byTemperature"], values: conductivity.byTemperature.map(([temperature]) => temperature) },
      { of: [...at, "sorption"], values: (sorption ?? []).map(([humidity]) => humidity) },
      { of: [...at, "sold", "thicknesses"], values: sold.thicknesses },
    ]
    const falls = courses.find(({ values }) => !isIncreasing(values))
    if (falls) return { code: "contradiction", path: falls.of, message: `The figures of ${name} must rise from one to the next.` }
  }
  return null
}

/** A shell's own contradictions, and names in it that nothing bears. */
function shellFault(shell: Shell, known: Known): Fault | null {
  const contradiction = formContradiction(shell.form)
  if (contradiction) return { code: "contradiction", path: ["shell", "form", contradiction.dimension], message: contradiction.message }
  const faces = FACES[shell.form.kind]
  for (const parts of ["openings", "notches", "penetrations"] as const)
    for (const [id, { face }] of Object.entries<{ face: FaceId }>(shell[parts]))
      if (!faces.includes(face)) return unknown(["shell", parts, id, "face"], face, "face of this form")
  for (const [id, { frame }] of Object.entries(shell.openings))
    if (frame && !known.materials.has(frame.material))
      return unknown(["shell", "openings", id, "frame", "material"], frame.material, "material")
  for (const [id, { material, shape, width, wall }] of Object.entries(shell.penetrations)) {
    const at = ["shell", "penetrations", id]
    if (!known.materials.has(material)) return unknown([...at, "material"], material, "material")
    if (wall !== null && 2 * wall >= width)
      return { code: "contradiction", path: [...at, "wall"], message: `A ${shape} pipe's wall must be less than half of its width.` }
  }
  const zones = zonesFault(shell)
  if (zones) return zones
  for (const [face, space] of Object.entries(shell.against)) {
    if (!faces.includes(face as FaceId) && !Object.hasOwn(shell.zones, face))
      return unknown(["shell", "against", face], face, "face of this form or zone")
    if (!Object.hasOwn(shell.spaces, space)) return unknown(["shell", "against", face], space, "space")
  }
  for (const [id, { dimension }] of Object.entries(shell.readings))
    if (measureOf(shell.form, dimension) === undefined)
      return unknown(["shell", "readings", id, "dimension"], dimension, "measure of this form")
  for (const [id, { name, offsets }] of Object.entries(shell.notches))
    if (!isRising(offsets)) return notRising(["shell", "notches", id, "offsets"], name)
  for (const [id, { name, outline }] of Object.entries(shell.boxes))
    if (outline && !isRising(outline)) return notRising(["shell", "boxes", id, "outline"], name)
  return null
}

/** Zones lie on faces of the form and on boxes that are there, bear no face's name, and each box is one zone at most. */
function zonesFault({ form, zones, boxes }: Shell): Fault | null {
  const boxed = new Set<string>()
  for (const [id, zone] of Object.entries(zones)) {
    const at = ["shell", "zones", id]
    if (FaceId.options.some((face) => face === id))
      return { code: "duplicate", path: at, message: `"${id}" is the name of a face; a zone needs another.` }
    if (zone.kind === "rectangle") {
      if (!FACES[form.kind].includes(zone.face)) return unknown([...at, "face"], zone.face, "face of this form")
      continue
    }
    if (!Object.hasOwn(boxes, zone.box)) return unknown([...at, "box"], zone.box, "box on the floor")
    if (boxed.has(zone.box))
      return { code: "duplicate", path: [...at, "box"], message: `The skin of ${boxes[zone.box]!.name} is a zone already.` }
    boxed.add(zone.box)
  }
  return null
}

const isRising = (offsets: Offsets) => offsets.every(([along], i) => i === 0 || along >= offsets[i - 1]![0])

function notRising(path: Path, name: string): Fault {
  return { code: "contradiction", path, message: `The offsets of ${name} must rise along the edge.` }
}

function variantFault(variant: Variant, shell: Shell, known: Known, path: Path): Fault | null {
  for (const face of FACES[shell.form.kind]) {
    const worn = variant.wears[face]
    if (worn === undefined) return { code: "missing", path: [...path, "wears", face], message: `The face "${face}" wears no assembly.` }
  }
  for (const [surface, worn] of Object.entries(variant.wears)) {
    if (!FACES[shell.form.kind].includes(surface as FaceId) && !Object.hasOwn(shell.zones, surface))
      return unknown([...path, "wears", surface], surface, "face of this form or zone")
    if (!Object.hasOwn(variant.assemblies, worn)) return unknown([...path, "wears", surface], worn, "assembly")
  }
  for (const [id, assembly] of Object.entries(variant.assemblies)) {
    const fault = assemblyFault(assembly, known, [...path, "assemblies", id])
    if (fault) return fault
  }
  for (const list of ["openings", "penetrations"] as const)
    for (const id of Object.keys(variant.breaks[list]))
      if (!Object.hasOwn(shell[list], id))
        return unknown([...path, "breaks", list, id], id, list === "openings" ? "opening" : "penetration")
  return null
}

/** Thickness that a tapered layer has left at its thin end, m. */
const THINNEST = 0.00001 - 1e-9

function assemblyFault(assembly: Assembly, known: Known, path: Path): Fault | null {
  const { edge } = assembly
  if (edge && !known.materials.has(edge.material)) return unknown([...path, "edge", "material"], edge.material, "material")
  const order = orderFault(assembly.order, assembly.layers, [...path, "order"], "layer")
  if (order) return order
  for (const [id, layer] of Object.entries(assembly.layers)) {
    const at = [...path, "layers", id]
    if (!known.materials.has(layer.material)) return unknown([...at, "material"], layer.material, "material")
    if (layer.between !== null && !Object.hasOwn(assembly.members, layer.between))
      return unknown([...at, "between"], layer.between, "set of members")
    const sets = [...(layer.between === null ? [] : [layer.between]), ...layer.also]
    for (const [i, set] of layer.also.entries()) {
      if (!Object.hasOwn(assembly.members, set)) return unknown([...at, "also", i], set, "set of members")
      if (layer.between === null || sets.indexOf(set) <= i)
        return {
          code: "contradiction",
          path: [...at, "also", i],
          message: "Further members stand between those that the layer lies between, each set once.",
        }
    }
    const { fasteners, loose, thickness, taper } = layer
    if (Math.abs(taper) / 2 > thickness - THINNEST)
      return {
        code: "contradiction",
        path: [...at, "taper"],
        message: "A layer that tapers must have some thickness left at its thin end.",
      }
    if (fasteners && !known.materials.has(fasteners.material))
      return unknown([...at, "fasteners", "material"], fasteners.material, "material")
    if (fasteners && fasteners.recessed >= thickness)
      return {
        code: "contradiction",
        path: [...at, "fasteners", "recessed"],
        message: "The heads would lie deeper than the layer is thick.",
      }
    if (loose !== null && loose < thickness + Math.abs(taper) / 2 - 1e-12)
      return { code: "contradiction", path: [...at, "loose"], message: "Fibre that nothing presses cannot be thinner than it lies." }
  }
  for (const [id, set] of Object.entries(assembly.members)) {
    const at = [...path, "members", id]
    if (!known.materials.has(set.material)) return unknown([...at, "material"], set.material, "material")
    if (set.fill !== null && !known.materials.has(set.fill)) return unknown([...at, "fill"], set.fill, "material")
    if (set.spaced === "centres" && set.width > set.spacing)
      return { code: "contradiction", path: [...at, "width"], message: "A member cannot be wider than the spacing." }
    if ((set.shape === "solid") !== (set.wall === null))
      return {
        code: "contradiction",
        path: [...at, "wall"],
        message: set.wall === null ? `A ${set.shape} needs the thickness of its wall.` : "A solid member has no wall thickness.",
      }
  }
  return null
}

function orderFault(order: readonly string[], parts: Record<string, unknown>, path: Path, kind: string): Fault | null {
  for (const [i, id] of order.entries()) {
    if (!Object.hasOwn(parts, id)) return unknown([...path, i], id, kind)
    if (order.indexOf(id) !== i) return { code: "duplicate", path: [...path, i], message: `The ${kind} "${id}" is listed twice.` }
  }
  const left = Object.keys(parts).find((id) => !order.includes(id))
  return left === undefined ? null : { code: "missing", path, message: `The ${kind} "${left}" is not in the list.` }
}

function unknown(path: Path, id: string, kind: string): Fault {
  return { code: "unknown-reference", path, message: `There is no ${kind} "${id.slice(0, 60)}" here.` }
}
