"use client"
import { Fragment } from "react"
import { type SurfaceFigures, temperatureBeyond } from "../../../core/enclosure/surface-figures"
import { hottestDay } from "../../../core/steady/heat-gain"
import { summerBeyond } from "../../../core/steady/surface-gain"
import { compassPoint } from "../../../core/shell/face-name"
import { replacePart, setAgainst, setAzimuth, setFloor, setOverhang } from "../../../edit/shell-edits"
import type { Shell, Space } from "../../../schema/job/shell"
import { useJob, useJobStore } from "../../job/job-store"
import { useLedger } from "../../job/use-ledger"
import { choicesOf, QuantityField, SelectField } from "../../primitives/fields"
import { fieldsOf } from "../../fields/fields-of"
import { AroundFields } from "./around-fields"
import { ChassisFields } from "./chassis"
import { PartList } from "./part-list"
import { useParts } from "./use-parts"
import { useWriting } from "../../writing/writing"

const FLOORS: Record<Shell["floor"], string> = {
  slab: "a slab on the ground",
  skids: "skids or piers",
  wheels: "wheels",
  frame: "a steel frame",
}
const UNDER: Record<Shell["floor"], string> = {
  slab: "Below it is the ground: heat goes out round its edge, and little through its middle. Insulation along the edge is said with the floor’s build-up.",
  skids: "Below it is outdoor air, with wind and without sun.",
  wheels: "Below it is outdoor air, with wind and without sun; the road’s spray comes from below.",
  frame: "Below it is outdoor air, with wind and without sun; the frame’s steel crosses under it.",
}
const SPACES: Record<Space["kind"], string> = {
  open: "open building: outdoor air, no sun or wind",
  held: "room held at a temperature",
  unheated: "unheated space that finds its own",
}

/** What the enclosure stands on, which way it looks, and what lies beyond each of its faces. */
export function Surroundings() {
  const { shell } = useJob()
  const store = useJobStore()
  const overhang = fieldsOf(shell.overhang, (part) => store.edit(setOverhang(part)))
  return (
    <div className="station gap-3">
      <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2">
        <SelectField
          label="It stands on"
          value={shell.floor}
          options={choicesOf(FLOORS)}
          onChange={(floor) => store.edit(setFloor(floor))}
        />
        <div className="col-span-2">
          <QuantityField
            label={`Front looks ${compassPoint(shell.azimuth)} (north 0, east 90)`}
            kind="angle"
            value={shell.azimuth}
            onCommit={(value) => store.edit(setAzimuth(value))}
          />
        </div>
        {overhang.length("eaves", "Roof past the side walls")}
        {overhang.length("ends", "Roof past front and back")}
      </div>
      <p className="text-graphite">
        {shell.against.floor ? "Another space is below the floor, as said beneath." : UNDER[shell.floor]} The roof’s overhang shades walls
        and windows.
      </p>
      {shell.floor === "frame" && !shell.against.floor ? <ChassisFields /> : null}
      <AroundFields />
      <Spaces />
      <FacesAgainst />
    </div>
  )
}

/** Rooms and spaces beside, over or under the enclosure. */
function Spaces() {
  return (
    <PartList
      list="spaces"
      title="Other spaces beside it"
      addName="Space"
      first={() => ({ kind: "unheated", name: "Space beside it", conductance: 50, glass: 0 })}
      words={({ kind }) => SPACES[kind]}
      note={(none) => (none ? "None: every face stands in the open. A lean-to, a cab, a loft, a building around it go here." : undefined)}
    >
      {(space, id) => <SpaceFields id={id} space={space} />}
    </PartList>
  )
}

/** A space of another kind with the same name. */
function spaceLike(kind: Space["kind"], name: string): Space {
  const air = { temperature: 18, relativeHumidity: 0.5 }
  if (kind === "open") return { kind, name }
  return kind === "held" ? { kind, name, winter: air, summer: { ...air, temperature: 24 } } : { kind, name, conductance: 50, glass: 0 }
}

function SpaceFields({ id, space }: { id: string; space: Space }) {
  const store = useJobStore()
  const { change } = useParts("spaces")
  return (
    <>
      <div className="col-span-2">
        <SelectField
          label="Kind"
          value={space.kind}
          options={choicesOf(SPACES)}
          onChange={(kind) => store.edit(replacePart("spaces", id, spaceLike(kind, space.name)))}
        />
      </div>
      {space.kind === "held"
        ? (["winter", "summer"] as const).map((season) => {
            const { quantity } = fieldsOf(space[season], (part) => change(id, { [season]: { ...space[season], ...part } }))
            return (
              <Fragment key={season}>
                {quantity("temperature", "temperature", `Its temperature, ${season}`)}
                {quantity("relativeHumidity", "percent", `Its humidity, ${season}`)}
              </Fragment>
            )
          })
        : null}
      {space.kind === "unheated" ? <Balance id={id} space={space} /> : null}
    </>
  )
}

/** What an unheated space loses outdoors, and how warm it is by that. */
function Balance({ id, space }: { id: string; space: Extract<Space, { kind: "unheated" }> }) {
  const { write } = useWriting()
  const { surfaces, conditions } = useLedger()
  const { change } = useParts("spaces")
  const beside = surfaces.find(({ adjacent }) => adjacent.kind === "space" && adjacent.id === id)
  const { winter, summer } = conditions
  const fields = fieldsOf(space, (part) => change(id, part))
  const found = (figures: SurfaceFigures) => {
    const cold = temperatureBeyond(figures, "winter", winter.inside.temperature, winter.outside.temperature)
    const warm = Math.max(...summerBeyond(figures, hottestDay(conditions), summer.inside.temperature))
    return `It finds ${write("temperature", cold)} in the worst night, ${write("temperature", warm)} on the hottest day.`
  }
  return (
    <>
      {fields.quantity("conductance", "conductance", "Its loss outdoors, per degree")}
      {fields.quantity("glass", "area", "Glass in it, times its solar factor")}
      <p className="col-span-2 self-end text-graphite">{beside ? found(beside) : "No face stands against it yet."}</p>
    </>
  )
}

/** What lies beyond each face. */
function FacesAgainst() {
  const { shell } = useJob()
  const { surfaces } = useLedger()
  const store = useJobStore()
  const spaces = Object.entries(shell.spaces)
  if (spaces.length === 0) return null
  return (
    <section aria-label="Beyond each face">
      <h2 className="font-display text-[15px] font-semibold">Beyond each face</h2>
      <div className="grid grid-cols-3 gap-x-4 gap-y-2">
        {surfaces.map(({ id, name, zone, face }) => (
          <SelectField<string>
            key={id}
            label={name}
            value={shell.against[id] ?? ""}
            options={[
              {
                value: "",
                name: zone !== null ? "as its face" : face.part === "floor" && shell.floor === "slab" ? "the ground" : "outdoors",
              },
              ...spaces.map(([value, space]) => ({ value, name: space.name })),
            ]}
            onChange={(space) => store.edit(setAgainst([id], space || null))}
          />
        ))}
      </div>
    </section>
  )
}
