import type { Material } from "../../schema/material"
import { attempt } from "../../schema/outcome"
import { plainText } from "../quantity/number"
import { CURRENCIES } from "../quantity/currency"
import { type Kind, parseQuantity, type Style } from "../quantity/measure"
import { TRADE_WORDS } from "./trade-words"
import { arealMass, arealPrice, equivalentAirLayer, nearestSold } from "./layer-properties"

/** What is asked of a material; a bound that is not asked for is null. SI, for a layer of one thickness that it is sold in. */
export interface Wanted {
  /** Words of its name or class, all of which it must bear. */
  words: string[]
  /** Label resistance at least, m²·K/W. */
  resistance: number | null
  /** m */
  thinnest: number | null
  thickest: number | null
  vapour: "open" | "tight" | null
  /** False: foam that must be covered in occupied spaces is left out. */
  cover: false | null
  burns: false | null
  /** At most, kg/m² and €/m². */
  mass: number | null
  price: number | null
  /** Compressive strength at least, Pa. */
  strength: number | null
}

/** A material at a thickness that meets what is wanted. */
export interface Candidate {
  id: string
  material: Material
  /** m */
  thickness: number
  /** Of the label, m²·K/W; null for metals and air, which carry none. */
  resistance: number | null
  /** m */
  airLayer: number
  /** kg/m² and €/m² */
  mass: number
  price: number
}

/** Equivalent air layers up to which a layer is open to vapour, and from which it blocks it, m. @see DIN 4108-3:2018, 3.1 */
export const VAPOUR_OPEN = 0.5
/** Equivalent air layer from which it is tight, m. */
export const VAPOUR_TIGHT = 100

const LEAST = "(?:at least|over|from|more than|min\\.?|>=?|≥)"
const MOST = "(?:at most|under|below|up to|less than|max\\.?|<=?|≤)"
const FIGURE = "(?:\\d[\\d.,/ -]*?|\\.\\d+) ?"

/**
 * Reads what a person asks of a material: words of its name, and properties such as
 * `R-5, under 25 mm, vapour-open, needs no cover, does not burn, under 3 kg/m², under 20 €/m², bears 100 kPa`.
 * What is no property counts as a word of the name.
 */
export function parseWanted(text: string, style: Style): Wanted {
  let rest = ` ${plainText(text).toLowerCase()} `
    .replaceAll(CURRENCIES[style.currency].symbol.toLowerCase(), "¤")
    .replaceAll(style.currency.toLowerCase(), "¤")
  const take = (pattern: string): RegExpExecArray | null => {
    const found = new RegExp(`(?<=[\\s,;])${pattern}(?=[\\s,;])`).exec(rest)
    if (found) rest = rest.replace(found[0], " ")
    return found
  }
  const figure = (pattern: string, kind: Kind): number | null => {
    const found = take(pattern)
    if (!found) return null
    const read = attempt(() => parseQuantity(kind, found[1]!, style))
    return read.ok ? read.value : null
  }
  const resistance = figure(`((?:rsi|r)[ -]?[\\d.,]*\\d)`, "resistance")
  const mass = figure(`${MOST} (${FIGURE}(?:kg/m²|kg/m2|lb/ft²|lb/ft2))`, "arealMass")
  const price =
    figure(`${MOST} ((?:¤ ?)?${FIGURE}¤? ?/ ?(?:m²|m2|ft²|ft2))`, "arealMoney") ?? figure(`${MOST} ¤ ?(${FIGURE})`, "arealMoney")
  const strength = figure(`(?:bears|${LEAST}) (${FIGURE}(?:kpa|psi))`, "stress")
  const length = `(${FIGURE}(?:mm|cm|m|inches|inch|in|ft|"|'))`
  const thickest = figure(`${MOST} ${length}`, "length")
  const thinnest = figure(`${LEAST} ${length}`, "length")
  const open = take("vapou?r[- ]open")
  const tight = take("(?:vapou?r[- ](?:tight|closed)|stops vapou?r)")
  const cover = take("(?:(?:needs )?no cover|without (?:a )?cover)")
  const burns = take("(?:does not burn|non-?combustible|incombustible)")
  return {
    words: rest.split(/[\s,;]+/).filter((word) => word !== "" && !FILLERS.has(word)),
    resistance,
    thinnest,
    thickest,
    vapour: open ? "open" : tight ? "tight" : null,
    cover: cover ? false : null,
    burns: burns ? false : null,
    mass,
    price,
    strength,
  }
}

const FILLERS = new Set(["and", "with", "a", "an", "the", "that", "is", "needs", "which"])

/** All that insulates. */
export const INSULATION: Wanted = parseWanted("insulation", { units: "metric", currency: "EUR" })

/**
 * The materials that meet what is wanted, where a resistance is asked for each at the least sold thickness that gives it, the thinnest first.
 * @param usual else the thickness that the sold one is to be nearest to, m
 */
export function findMaterials(catalogue: Readonly<Record<string, Material>>, wanted: Wanted, usual = 0.025): Candidate[] {
  const found = Object.entries(catalogue).flatMap(([id, material]) => candidateOf(id, material, wanted, usual) ?? [])
  return wanted.resistance === null ? found : found.sort((a, b) => a.thickness - b.thickness || a.price - b.price)
}

function candidateOf(id: string, material: Material, wanted: Wanted, usual: number): Candidate | null {
  if (!named(id, material, wanted.words)) return null
  if (wanted.cover === false && material.fire.needsCover) return null
  if (wanted.burns === false && material.fire.combustible) return null
  if (wanted.strength !== null && (material.compressiveStrength ?? 0) < wanted.strength) return null
  const layers = material.sold.thicknesses
    .filter((thickness) => within(thickness, wanted.thinnest, wanted.thickest))
    .map((thickness) => layerOf(id, material, thickness))
    .filter((layer) => meets(layer, wanted))
  if (wanted.resistance !== null) return layers[0] ?? null
  return layers.reduce<Candidate | null>(
    (best, layer) => (best && Math.abs(best.thickness - usual) <= Math.abs(layer.thickness - usual) ? best : layer),
    null,
  )
}

/** A layer of a material, with the figures that one compares. */
export function layerOf(id: string, material: Material, thickness: number): Candidate {
  return {
    id,
    material,
    thickness,
    resistance: material.class === "metal" || material.class === "air" ? null : thickness / material.conductivity.declared,
    airLayer: equivalentAirLayer(material, thickness),
    mass: arealMass(material, thickness),
    price: arealPrice(material, thickness),
  }
}

/** Half a per cent of a wanted resistance is within the rounding of labels, a hair of a length within that of inches. */
function meets({ resistance, airLayer, mass, price }: Candidate, wanted: Wanted): boolean {
  if (wanted.resistance !== null && (resistance ?? 0) < wanted.resistance * 0.995) return false
  if (wanted.vapour === "open" && airLayer > VAPOUR_OPEN) return false
  if (wanted.vapour === "tight" && airLayer < VAPOUR_TIGHT) return false
  return (wanted.mass === null || mass <= wanted.mass) && (wanted.price === null || price <= wanted.price)
}

const within = (thickness: number, least: number | null, most: number | null) =>
  (least === null || thickness >= least - 1e-4) && (most === null || thickness <= most + 1e-4)

/** Whether a stuff is used to insulate. */
export const insulates = ({ conductivity, class: kind }: Material): boolean => conductivity.declared <= 0.065 && kind !== "air"

/** All that a material is called, in small letters. */
const namesOf = (id: string, material: Material): string =>
  `${material.name} ${material.class}${insulates(material) ? " insulation" : ""} ${TRADE_WORDS[id] ?? ""}`.toLowerCase()

function named(id: string, material: Material, words: readonly string[]): boolean {
  const text = namesOf(id, material)
  return words.every((word) => text.includes(word))
}

/** Pairs of letters that follow each other in a word. */
const pairs = (word: string): string[] => Array.from({ length: Math.max(0, word.length - 1) }, (_, i) => word.slice(i, i + 2))

/** How alike two words are, 0…1: twice the pairs that they share over all that they have (Dice, 1945). */
function likeness(a: string, b: string): number {
  const [mine, theirs] = [pairs(a), pairs(b)]
  const shared = mine.filter((pair) => theirs.includes(pair)).length
  return (2 * shared) / Math.max(1, mine.length + theirs.length)
}

/** Less alike than this is another word. */
const ALIKE = 0.45
const MOST_PROPOSED = 6

/** What is called most like some words, where nothing is called just that; most alike first, none where nothing comes near. */
export function nearestMaterials(catalogue: Readonly<Record<string, Material>>, { words }: Wanted, usual = 0.025): Candidate[] {
  const asked = words.filter((word) => word.length > 2)
  return Object.entries(catalogue)
    .flatMap(([id, material]) => {
      const known = namesOf(id, material).split(/[^\p{L}\d]+/u)
      const alike = asked.map((word) => Math.max(0, ...known.map((other) => likeness(word, other))))
      const score = alike.reduce((sum, one) => sum + (one >= ALIKE ? one : 0), 0)
      const thickness = nearestSold(material, usual)
      return score > 0 && material.sold.thicknesses.length > 0 ? [{ score, candidate: layerOf(id, material, thickness) }] : []
    })
    .sort((a, b) => b.score - a.score)
    .slice(0, MOST_PROPOSED)
    .map(({ candidate }) => candidate)
}
