"use client"
import { floorOf } from "../../../core/enclosure/surface-figures"
import { crushedLayers, pressedLayers } from "../../../core/assembly/crushing"
import { clearOpening, fitSpare } from "../../../core/shell/clear-opening"
import { roundedSize } from "../../../edit/start/rounded-size"
import type { Fit, Load } from "../../../schema/job/shell"
import { useJob } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { Figure } from "../../primitives/figure"
import { fieldsOf } from "../../fields/fields-of"
import { PartList } from "./part-list"
import { useWriting } from "../../writing/writing"

/** What is left inside: sizes, volume, what fits, whether doors open, and how level the floor is. */
export function Inside() {
  return (
    <div className="station gap-4">
      <ClearSizes />
      <Fits />
      <Loads />
      <Doors />
      <Levels />
    </div>
  )
}

function ClearSizes() {
  const { write } = useWriting()
  const { shell } = useJob()
  const { clear, clearVolume, volume, skinArea, skinAgainstCube } = useLedger()
  const more = Math.round((skinAgainstCube - 1) * 100)
  const sizes = [
    ["Length", "length", clear.length],
    ["Width", "length", clear.width],
    ["Height, at the highest", "length", clear.height],
    ["Height at the walls", "length", clear.heightAtWalls],
    ["Where one stands", "length", clear.standing],
    ...(Object.keys(shell.boxes).length > 0 ? ([["Between the boxes", "length", clear.widthBetweenBoxes]] as const) : []),
    ["Volume", "volume", clearVolume],
  ] as const
  return (
    <section aria-label="Clear inside">
      <h2 className="font-display text-[15px] font-semibold">Clear inside, between the linings</h2>
      <dl className="grid grid-cols-3 gap-x-4 gap-y-1 pt-1">
        {sizes.map(([name, kind, value]) => (
          <div key={name}>
            <dt className="text-dense text-graphite">{name}</dt>
            <dd>
              <Figure kind={kind} value={value} size="shelf" />
            </dd>
          </div>
        ))}
      </dl>
      <p className="pt-1 text-graphite">
        {write("volume", volume)} over all. Its {write("area", skinArea)} of skin are{" "}
        {more > 0 ? `${more} % more than a cube of the same volume would need` : "no more than a cube of the same volume would need"}: all
        of it loses heat, so a long or flat shape costs more to keep warm for the room that it gives.
      </p>
    </section>
  )
}

const ALONG: Record<Fit["along"], string> = {
  length: "from back to front",
  width: "from side to side",
  height: "upright",
  diagonal: "from corner to corner of the floor",
}

/** Beds, boards, lids and drawers that must find their place. */
function Fits() {
  const { length, units } = useWriting()
  const { clear } = useLedger()
  return (
    <PartList
      list="fits"
      title="Does it fit?"
      addName="Bed, board, lid or drawer"
      first={() => ({ name: "Bed", ...roundedSize({ size: 1.9 }, units), along: "width" })}
      words={(fit) => {
        const spare = fitSpare(fit, clear)
        const by = length(Math.abs(spare))
        return `${length(fit.size)} ${ALONG[fit.along]}: ${spare < 0 ? `too long by ${by}` : `fits, ${by} to spare`}`
      }}
      note={(none) =>
        none ? "Nothing asked yet: a bed across the van, a board carried in, a lid or drawer with all of its swing." : undefined
      }
    >
      {(fit, _, change) => {
        const fields = fieldsOf(fit, change)
        return (
          <>
            {fields.length("size", "Length, or all that it swings")}
            {fields.choice("along", "It lies", ALONG)}
          </>
        )
      }}
    </PartList>
  )
}

/** Barrels, cabinets, people: what stands on the floor, and whether its boards bear that. */
function Loads() {
  const { write, units } = useWriting()
  const { layers } = floorOf(useLedger().surfaces)
  const stress = (value: number) => write("stress", value)
  const words = (load: Load) => {
    const [top] = pressedLayers(layers, load)
    const said = crushedLayers(layers, load).map(({ layer, stress: on, bears }) => {
      const { name } = layer.material
      return bears === null ? `${name} bears nothing` : `${name} is crushed: ${stress(on)} on it, it bears ${stress(bears)}`
    })
    return `${write("mass", load.mass)}${top ? `, ${stress(top.stress)} under it` : ""}: ${said.length > 0 ? said.join("; ") : "the floor bears it"}`
  }
  return (
    <PartList
      list="loads"
      title="Does the floor bear it?"
      addName="Barrel, cabinet or person"
      first={() => ({ name: "Barrel", mass: 220, ...roundedSize({ width: 0.5, length: 0.5 }, units), lasting: true })}
      words={words}
      note={(none) =>
        none
          ? "Nothing heavy asked yet. A round foot counts as a square of 0.89 of its width."
          : "Stiff layers spread a load at 45°, foam does not; for years foam bears 0.3 of its strength. Members, screws and the frame below are not checked: the maker's sheet and an engineer decide."
      }
    >
      {(load, _, change) => {
        const fields = fieldsOf(load, change)
        return (
          <>
            {fields.quantity("mass", "mass", "Weight, filled")}
            {fields.toggle("lasting", "Stands there for years")}
            {fields.length("width", "Its foot, one way")}
            {fields.length("length", "Its foot, the other way")}
          </>
        )
      }}
    </PartList>
  )
}

/** Clear openings of doors and passages once everything is lined. */
function Doors() {
  const { length } = useWriting()
  const { shell } = useJob()
  const { surfaces, linings } = useLedger()
  const doors = Object.entries(shell.openings).filter(([, { kind }]) => kind !== "window" && kind !== "hatch")
  if (doors.length === 0) return null
  return (
    <section aria-label="Doors, once lined">
      <h2 className="font-display text-[15px] font-semibold">Doors, once everything is lined</h2>
      <ul>
        {doors.map(([id, door]) => {
          const clear = clearOpening(shell.form, surfaces.find(({ face }) => face.id === door.face)!.face, door, linings)
          return (
            <li key={id} className="border-b border-seam py-1">
              <span className="font-semibold">{door.name}</span>{" "}
              <span className="text-graphite">
                {length(clear.width)} × {length(clear.height)} clear{clear.hindered ? "; " : ", and it opens"}
              </span>
              {clear.hindered}
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** Points of a floor that is not level: heights are given at the worst place. */
function Levels() {
  const { length } = useWriting()
  const count = Object.keys(useJob().shell.levels).length
  return (
    <PartList
      list="levels"
      title="Is the floor level?"
      addName="Point of the floor"
      first={() => ({ name: `Point ${count + 1}`, x: 0, y: 0, rise: 0 })}
      words={({ rise }) => `${length(rise)} off the zero`}
      note={(none) =>
        none
          ? "Taken as level: the floor is zero everywhere. Add points that stand higher or lower; headroom is counted over the highest."
          : undefined
      }
    >
      {(level, _, change) => {
        const fields = fieldsOf(level, change)
        return (
          <>
            {fields.length("x", "From the back")}
            {fields.length("y", "From the left wall")}
            {fields.length("rise", "Above the zero, negative below")}
          </>
        )
      }}
    </PartList>
  )
}
