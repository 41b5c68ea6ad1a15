"use client"
import { v4 as newId } from "uuid"
import { type Crossing, crossingOf } from "../../../core/assembly/crossing"
import { attempt } from "../../../schema/outcome"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { parseLengths } from "../../../core/quantity/length"
import { framingOn } from "../../../core/shell/framing"
import { addBetween, setMembers, setPositions } from "../../../edit/assembly-edits"
import type { MemberSet } from "../../../schema/job/build-up"
import { BridgeLook } from "../../bridge/bridge-look"
import { useBridges } from "../../bridge/use-bridges"
import { useJob, useJobStore } from "../../job/job-store"
import { materialChoices, useMaterials } from "../../materials/use-materials"
import { QuantityField, SelectField, TypedField } from "../../primitives/fields"
import { Button } from "../../primitives/button"
import { Remark } from "../../primitives/remark"
import { Toggle } from "../../primitives/toggle"
import { SpacingChoice } from "./spacing-choice"
import { useWriting } from "../../writing/writing"

const PLATES = [0, 1, 2, 3].map((count) => ({ value: String(count), name: count === 0 ? "none" : count === 1 ? "one" : String(count) }))

/** Everything that can be said of one set of members, and how it stands on the chosen face. */
export function MemberFields({ figures, id, set }: { figures: SurfaceFigures; id: string; set: MemberSet }) {
  const { figure } = useWriting()
  const { units } = useJob()
  const store = useJobStore()
  const materials = useMaterials()
  const { assembly } = figures
  const change = (part: Partial<MemberSet>) => store.edit(setMembers(assembly, id, part))
  const length = (key: "width" | "spacing" | "overhang", label: string) => (
    <QuantityField label={label} kind="length" value={set[key]} onCommit={(value) => change({ [key]: value })} />
  )
  const maybe = (key: "depth" | "first", label: string, placeholder: string) => (
    <QuantityField
      label={label}
      kind="length"
      value={set[key]}
      placeholder={placeholder}
      onCommit={(value) => change({ [key]: value })}
      onEmpty={() => change({ [key]: null })}
    />
  )
  const plates = (end: "low" | "high", label: string) => (
    <SelectField
      label={label}
      value={String(set.plates[end])}
      options={PLATES}
      onChange={(count) => change({ plates: { ...set.plates, [end]: Number(count) } })}
    />
  )
  const list = (lengths: readonly number[]) => lengths.map((value) => figure("length", value)).join("; ")
  const example = units === "metric" ? "120; 680; 1250" : `5"; 27"; 49 1/2"`
  const typedList = (label: string, shown: readonly number[], onRead: (values: number[]) => ReturnType<typeof change>) => (
    <div className="col-span-2">
      <TypedField
        label={label}
        shown={list(shown)}
        placeholder={example}
        onCommit={(text) => {
          const read = attempt(() => parseLengths(text, units))
          return read.ok ? onRead(read.value) : read.error
        }}
      />
    </div>
  )
  const up = set.direction === "up"
  return (
    <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 pt-1 pb-3" data-testid="member-fields">
      <TypedField label="Name of the members" shown={set.name} onCommit={(name) => change({ name: name.trim() })} />
      <SelectField
        label="Made of"
        value={set.material}
        options={materialChoices(materials, ["wood", "metal", "board"])}
        onChange={(material) => change({ material })}
      />
      <SelectField
        label="Section"
        value={set.shape}
        options={[
          { value: "solid", name: "solid" },
          { value: "tube", name: "tube" },
          { value: "channel", name: "channel, one web" },
          { value: "hat", name: "hat, two webs" },
        ]}
        onChange={(shape) => change({ shape, wall: shape === "solid" ? null : (set.wall ?? 0.0015), fill: holds(shape) ? set.fill : null })}
      />
      {length("width", "Width, square to the face")}
      {maybe("depth", "Depth", "as the layers between")}
      {set.shape === "solid" ? (
        <div />
      ) : (
        <QuantityField label="Thickness of its wall" kind="length" value={set.wall} onCommit={(wall) => change({ wall })} />
      )}
      {holds(set.shape) ? (
        <SelectField
          label="Filled with"
          value={set.fill ?? "none"}
          options={[{ value: "none", name: "nothing: still air" }, ...materialChoices(materials, ["foam", "fibre"])]}
          onChange={(fill) => change({ fill: fill === "none" ? null : fill })}
        />
      ) : null}
      <SelectField
        label="They run"
        value={set.direction}
        options={[
          { value: "up", name: "up" },
          { value: "along", name: "along, level" },
        ]}
        onChange={(direction) => change({ direction })}
      />
      <QuantityField
        label={set.spaced === "centres" ? "Spacing, centre to centre" : "Spacing, edge to edge"}
        kind="length"
        value={set.spacing}
        onCommit={(spacing) => change({ spacing, positions: {} })}
      />
      <SelectField
        label="Spacing is meant"
        value={set.spaced}
        options={[
          { value: "centres", name: "centre to centre" },
          { value: "edges", name: "edge to edge" },
        ]}
        onChange={(spaced) => change({ spaced })}
      />
      {maybe("first", up ? "Middle of the first, from the left" : "Middle of the first, from below", "one spacing")}
      {typedList(
        `Middles one by one on this face, from ${up ? "the left" : "below"}; empty: at the spacing`,
        set.positions[figures.id] ?? [],
        (values) => store.edit(setPositions(assembly, id, figures.id, values.length === 0 ? null : values)),
      )}
      {plates("low", up ? "Plates below" : "Members across, at the left")}
      {plates("high", up ? "Plates above" : "Members across, at the right")}
      {length("overhang", "Run out past the face by")}
      <Toggle label={up ? "One along each side edge" : "One along each level edge"} on={set.ends} onChange={(ends) => change({ ends })} />
      <Toggle label="Doubled at openings" on={set.doubled} onChange={(doubled) => change({ doubled })} />
      <QuantityField
        label="Share of the face, typed"
        kind="percent"
        value={set.share}
        placeholder="counted from the drawing"
        onCommit={(share) => change({ share })}
        onEmpty={() => change({ share: null })}
      />
      {typedList(`Blocking, nailers, rails: their middles, from ${up ? "below" : "the left"}`, set.cross, (cross) => change({ cross }))}
      <SpacingChoice figures={figures} id={id} set={set} onTake={(spacing) => change({ spacing, spaced: "centres", positions: {} })} />
      <MemberWords figures={figures} id={id} set={set} />
      <MemberBridge place={`${figures.id} ${id}`} />
    </div>
  )
}

/** One of the members in two dimensions. */
function MemberBridge({ place }: { place: string }) {
  const bridge = useBridges().find((one) => one.place === place)
  return bridge ? (
    <div className="col-span-3">
      <BridgeLook bridge={bridge} action="See it in two dimensions" testId="bridge" />
    </div>
  ) : null
}

/** Shapes that something can be put into; a channel is open to what lies beside it. */
const holds = (shape: MemberSet["shape"]) => shape === "tube" || shape === "hat"

/** How a set stands on the face: how many, what share, what it crosses. */
export function MemberWords({ figures, id, set }: { figures: SurfaceFigures; id: string; set: MemberSet }) {
  const { write } = useWriting()
  const { shell } = useJob()
  const layout = framingOn(shell, figures.face, set)
  const crossing = crossingOf(figures.layers, id)
  const count = layout.members.filter(({ role }) => role === "member").length
  const names = (layers: readonly (typeof figures.layers)[number][]) => layers.map(({ material }) => material.name.toLowerCase()).join(", ")
  const spare = crossing?.projection ?? 0
  return (
    <div className="col-span-3 grid gap-1 text-dense text-graphite">
      <p>
        {set.share === null ? (
          `${write("percent", layout.drawn)} of the face is members, counted from the drawing`
        ) : (
          <>
            <span className="font-semibold text-ink">{write("percent", set.share)} of the face is members, as typed</span>; the drawing has{" "}
            {write("percent", layout.drawn)}
          </>
        )}
        : {count} of them, {write("length", layout.length)} of sticks beside plates and ends.
      </p>
      {crossing ? (
        <p>
          They cross {names(crossing.between)} ({write("length", crossing.depth)});{" "}
          {crossing.outside.length === 0 ? "nothing lies outside them" : `outside them ${names(crossing.outside)}`},{" "}
          {crossing.inside.length === 0 ? "nothing inside" : `inside ${names(crossing.inside)}`}.
        </p>
      ) : null}
      {crossing && Math.abs(spare) > 0.0005 ? <Spare figures={figures} id={id} crossing={crossing} /> : null}
    </div>
  )
}

/** Members deeper or shallower than what lies between them, and what can be done about it. */
function Spare({ figures, id, crossing }: { figures: SurfaceFigures; id: string; crossing: Crossing }) {
  const { write } = useWriting()
  const store = useJobStore()
  const { projection, inside, outside, between } = crossing
  const by = write("length", Math.abs(projection))
  if (projection < 0)
    return (
      <Remark kind="remark">
        The layers between them are {by} thicker than the members are deep; make one of them continuous, or thinner.
      </Remark>
    )
  if (inside.length === 0)
    return (
      <Remark kind="remark">
        They stand {by} out of what lies between them, and nothing covers them: the room’s air warms their bare sides. In two dimensions
        they are reckoned so; timber by the combined method as if they ended with it.
      </Remark>
    )
  const fill = () =>
    store.edit(addBetween(figures.assembly, `l-${newId().slice(0, 8)}`, "air", outside.length + between.length, projection, id))
  return (
    <Remark kind="remark">
      They are {by} deeper than the layers between them, and that space is not in the build-up.{" "}
      <Button look="link" onClick={fill}>
        Add it as closed air
      </Button>
    </Remark>
  )
}
