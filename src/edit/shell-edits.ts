import { current, type Draft } from "immer"
import { InputError } from "../schema/outcome"
import { formFrom } from "../core/enclosure/tape-readings"
import { activeState } from "../core/enclosure/job-state"
import { overlap } from "../core/shell/opening-fit"
import { greatestHeight } from "../core/shell/size"
import type { SurfaceId } from "../core/enclosure/surface"
import type { Job } from "../schema/job/job"
import type { Dimension, Form, FormKind } from "../schema/job/form"
import type { FaceId, Opening, Reading, Shell, Zone } from "../schema/job/shell"
import { FACES } from "../schema/job/references"
import { edit } from "./edit"

/** How a measure is called in the list of edits. */
const CALLED: Record<Dimension, string> = {
  length: "length",
  width: "width",
  height: "height",
  wallHeight: "eaves",
  ridgeHeight: "ridge",
  leftHeight: "left height",
  rightHeight: "right height",
  crownHeight: "crown",
  waistHeight: "waist",
  shoulderWidth: "shoulder width",
  shoulderHeight: "shoulder height",
  wallBow: "bow of the walls",
}

export const setDimension = (dimension: Dimension, value: number) =>
  edit(`Measure of the ${CALLED[dimension]}`, ({ shell }) => {
    if (dimension in shell.form) Object.assign(shell.form, { [dimension]: value })
  })

/**
 * What the tape said, kept, and the form that follows from it; other readings of the same measure stay and are held against it.
 * Several at once where each alone would contradict those that are still to be measured.
 */
export const takeReadings = (readings: readonly Reading[]) =>
  edit(readings.length === 1 ? `Measure of the ${CALLED[readings[0]!.dimension]}` : "Measuring round", (job) => {
    const known = readings.filter(({ dimension }) => dimension in job.shell.form)
    job.shell.form = formFrom(activeState(current(job)), known)
    for (const reading of known) job.shell.readings[placeOf(job.shell.readings, reading)] = reading
  })

/** A reading takes the place of an older one of the same measure from the same place. */
function placeOf(readings: Shell["readings"], { dimension, held }: Reading): string {
  const same = Object.entries(readings).find(([, known]) => known.dimension === dimension && known.held === held)
  return same?.[0] ?? `${dimension}-${held}`.toLowerCase()
}

/** Another form of much the same size; its roof wears what the old one wore. */
export const setForm = (kind: FormKind) =>
  edit(`Form: ${kind}`, (job) => {
    if (job.shell.form.kind === kind) return
    job.shell.form = likeForm(kind, job.shell.form)
    const faces = FACES[kind]
    const { openings, notches, penetrations, against, readings } = job.shell
    for (const part of [openings, notches, penetrations].flatMap((parts) => Object.values<{ face: FaceId }>(parts)))
      if (!faces.includes(part.face)) part.face = faces.find((face) => face.startsWith("roof"))!
    dropZones(job, (zone) => zone.kind === "rectangle" && !faces.includes(zone.face))
    for (const face of Object.keys(against)) if (!faces.includes(face as FaceId) && !job.shell.zones[face]) delete against[face]
    for (const [id, { dimension }] of Object.entries(readings)) if (!(dimension in job.shell.form)) delete readings[id]
    for (const variant of Object.values(job.variants)) {
      const worn = variant.wears
      const overhead = worn.roof ?? worn["roof-left"] ?? worn.left!
      const zones = Object.entries(worn).filter(([id]) => job.shell.zones[id])
      variant.wears = Object.fromEntries([...faces.map((face) => [face, worn[face] ?? overhead] as const), ...zones])
    }
  })

/** A form of another kind with the same floor and walls of the same height. */
function likeForm(kind: FormKind, { length, width, ...old }: Form): Form {
  const wall =
    "wallHeight" in old
      ? old.wallHeight
      : "height" in old
        ? old.height
        : "leftHeight" in old
          ? Math.min(old.leftHeight, old.rightHeight)
          : old.shoulderHeight
  const top = greatestHeight({ length, width, ...old })
  const floor = { length, width }
  const ridge = Math.max(top, wall + Math.min(length, width) / 4)
  switch (kind) {
    case "box":
      return { kind, ...floor, height: wall }
    case "shed":
      return { kind, ...floor, leftHeight: ridge, rightHeight: wall }
    case "gable":
    case "hip":
      return { kind, ...floor, wallHeight: wall, ridgeHeight: ridge }
    case "arch":
      return { kind, ...floor, wallHeight: wall, crownHeight: wall + width / 8 }
    case "van":
      return {
        kind,
        ...floor,
        waistHeight: wall * 0.55,
        shoulderWidth: width * 0.9,
        shoulderHeight: wall * 0.95,
        wallBow: 0,
        crownHeight: wall,
      }
  }
}

export const setAzimuth = (azimuth: number) =>
  edit("Direction of the front", (job) => void (job.shell.azimuth = ((azimuth % 360) + 360) % 360))

export const setFloor = (floor: Shell["floor"]) => edit("What it stands on", (job) => void (job.shell.floor = floor))

export const setChassis = (chassis: Shell["chassis"]) => edit("Steel of the frame", (job) => void (job.shell.chassis = chassis))

export const setAround = (change: Partial<Shell["around"]>) =>
  edit("What stands around it", (job) => void Object.assign(job.shell.around, change))

export const setOverhang = (change: Partial<Shell["overhang"]>) =>
  edit("Overhang of the roof", (job) => void Object.assign(job.shell.overhang, change))

/** Puts surfaces against a space; null lets a face see the outdoors, and a zone what its face sees. */
export const setAgainst = (faces: readonly SurfaceId[], space: string | null) =>
  edit(space === null ? "Outdoors beyond it" : "Another space beyond it", ({ shell }) => {
    for (const face of faces)
      if (space === null) delete shell.against[face]
      else shell.against[face] = space
  })

/** The lists of parts that a shell has. */
export type Parts = Pick<
  Shell,
  "openings" | "boxes" | "notches" | "penetrations" | "zones" | "spaces" | "readings" | "levels" | "fits" | "loads"
>
export type Part<L extends keyof Parts> = Parts[L][string]

/** What one part of each list is called in the list of edits. */
const ONE: Record<keyof Parts, string> = {
  openings: "an opening",
  boxes: "a box on the floor",
  notches: "a notch",
  penetrations: "what runs through",
  zones: "a zone",
  spaces: "a space",
  readings: "a reading of the tape",
  levels: "a level of the floor",
  fits: "a thing that must fit",
  loads: "a load on the floor",
}

/** Whether a name is that of a list of parts. */
export const isPartList = (name: string | undefined): name is keyof Parts => name !== undefined && Object.hasOwn(ONE, name)

export const addPart = <L extends keyof Parts>(list: L, id: string, part: Part<L>) =>
  edit("name" in part ? `Add ${part.name}` : `Add ${ONE[list]}`, ({ shell }) => {
    ;(shell[list] as Record<string, Part<L>>)[id] = part
    if (list === "openings") refuseOverlap(shell, id)
  })

/** Several zones at once, each with its name in the document. */
export const addZones = (zones: readonly (readonly [id: string, zone: Zone])[]) =>
  edit(zones.length === 1 ? `Add ${zones[0]![1].name}` : "Add zones", ({ shell }) => {
    for (const [id, zone] of zones) shell.zones[id] = zone
  })

export const setPart = <L extends keyof Parts>(list: L, id: string, change: Partial<Part<L>>) =>
  edit(`Change ${ONE[list]}`, ({ shell }) => {
    const part = (shell[list] as Record<string, Part<L>>)[id]
    if (part) Object.assign(part, change)
    if (list === "openings") refuseOverlap(shell, id)
  })

/** What an opening is set in, and how it is parted to begin with in all variants. @param parted m; 0: not */
export const setFrame = (id: string, frame: Opening["frame"], parted: number) =>
  edit("What an opening is set in", ({ shell, variants }) => {
    shell.openings[id]!.frame = frame
    for (const { breaks } of Object.values(variants))
      if (parted === 0) delete breaks.openings[id]
      else breaks.openings[id] = parted
  })

/** @throws InputError `overlap` where an opening would take the place of another */
function refuseOverlap({ openings }: Shell, id: string): void {
  const opening = openings[id]
  const other = Object.entries(openings).find(([key, one]) => key !== id && opening && one.face === opening.face && overlap(one, opening))
  if (opening && other)
    throw new InputError("overlap", ["shell", "openings", id], `${opening.name} would overlap ${other[1].name}; leave room between them.`)
}

/** Another kind of part has other fields: it takes the whole place of the old one. */
export const replacePart = <L extends keyof Parts>(list: L, id: string, part: Part<L>) =>
  edit(`Change ${ONE[list]}`, ({ shell }) => void ((shell[list] as Record<string, Part<L>>)[id] = part))

/** Removes a part and what was said of it: nothing stands against a space, parts an opening, or wears a build-up that is gone. */
export const removePart = (list: keyof Parts, id: string) =>
  edit(`Remove ${ONE[list]}`, (job) => {
    const { shell, variants } = job
    if (list === "zones") dropZones(job, (_, key) => key === id)
    delete shell[list][id]
    if (list === "boxes") dropZones(job, (zone) => zone.kind === "box" && zone.box === id)
    if (list === "openings" || list === "penetrations") for (const { breaks } of Object.values(variants)) delete breaks[list][id]
    if (list === "spaces") for (const [face, space] of Object.entries(shell.against)) if (space === id) delete shell.against[face]
  })

/** Zones that are gone wear nothing and stand against nothing. */
function dropZones({ shell, variants }: Draft<Job>, gone: (zone: Zone, id: string) => boolean): void {
  for (const [id, zone] of Object.entries(shell.zones)) {
    if (!gone(zone, id)) continue
    delete shell.zones[id]
    delete shell.against[id]
    for (const { wears } of Object.values(variants)) delete wears[id]
  }
}
