"use client"
import { inSentence } from "../../../core/in-sentence"
import { v4 as newId } from "uuid"
import { type Crossing, crossingOf } from "../../../core/assembly/crossing"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { parseLengths } from "../../../core/quantity/length"
import { framingOn } from "../../../core/shell/framing"
import { addBetween, setMembers, setPositions } from "../../../edit/assembly-edits"
import type { MemberSet } from "../../../schema/job/build-up"
import { BridgeDetail } from "../../bridge/bridge-detail"
import { useBridges } from "../../bridge/use-bridges"
import { useJob, useJobStore } from "../../job/job-store"
import { materialChoices, useMaterials } from "../../materials/use-materials"
import { choicesOf, QuantityField, ReadField, SelectField } from "../../primitives/fields"
import { type Place, place } from "../../../core/enclosure/place"
import { fieldsOf } from "../../fields/fields-of"
import { Button } from "../../primitives/button"
import { Remark } from "../../primitives/remark"
import { CutList } from "./cut-list"
import { SpacingChoice } from "./spacing-choice"
import { useWriting } from "../../writing/writing"

const PLATES = [0, 1, 2, 3].map((count) => ({ value: String(count), name: count === 0 ? "none" : count === 1 ? "one" : String(count) }))

const SHAPES: Record<MemberSet["shape"], string> = { solid: "solid", tube: "tube", channel: "channel, one web", hat: "hat, two webs" }
/** Which way members run, on walls and on what lies level. */
const DIRECTIONS: Record<"wall" | "level", Record<MemberSet["direction"], string>> = {
  wall: { up: "upright", along: "level" },
  level: { up: "across", along: "lengthwise" },
}
const SPACED: Record<MemberSet["spaced"], string> = { centres: "centre to centre", edges: "edge to edge" }

/** Everything that can be said of one set of members, and how it stands on the chosen face. */
export function MemberFields({ figures, id, set }: { figures: SurfaceFigures; id: string; set: MemberSet }) {
  const { figure, units } = useWriting()
  const store = useJobStore()
  const materials = useMaterials()
  const { assembly } = figures
  const change = (part: Partial<MemberSet>) => store.edit(setMembers(assembly, id, part))
  const fields = fieldsOf(set, change)
  const plates = fieldsOf({ low: String(set.plates.low), high: String(set.plates.high) }, (part) =>
    change({ plates: { ...set.plates, ...Object.fromEntries(Object.entries(part).map(([end, count]) => [end, Number(count)])) } }),
  )
  const list = (lengths: readonly number[]) => lengths.map((value) => figure("length", value)).join("; ")
  const example = units === "metric" ? "120; 680; 1250" : `5"; 27"; 49 1/2"`
  const typedList = (label: string, shown: readonly number[], onRead: (values: number[]) => ReturnType<typeof change>) => (
    <div className="col-span-2">
      <ReadField label={label} shown={list(shown)} placeholder={example} read={(text) => parseLengths(text, units)} onCommit={onRead} />
    </div>
  )
  const up = set.direction === "up"
  return (
    <div className="grid grid-cols-3 items-end gap-x-4 gap-y-2 pt-1 pb-3" data-testid="member-fields">
      {fields.text("name", "Name of the members")}
      {fields.choice("material", "Made of", materialChoices(materials, ["wood", "metal", "board"]))}
      <SelectField
        label="Section"
        value={set.shape}
        options={choicesOf(SHAPES)}
        onChange={(shape) => change({ shape, wall: shape === "solid" ? null : (set.wall ?? 0.0015), fill: holds(shape) ? set.fill : null })}
      />
      {fields.length("width", "Width seen on the face")}
      {fields.maybe("depth", "length", "Depth", "as the layers between")}
      {set.wall === null ? (
        <div />
      ) : (
        <QuantityField label="Thickness of its wall" kind="length" value={set.wall} onCommit={(wall) => change({ wall })} />
      )}
      {holds(set.shape)
        ? fields.maybeChoice("fill", "Filled with", "nothing: still air", materialChoices(materials, ["foam", "fibre"]))
        : null}
      {fields.choice("direction", "They run", DIRECTIONS[figures.face.part === "wall" ? "wall" : "level"])}
      {fields.toggle("around", "Only round openings")}
      {set.around ? null : (
        <>
          <QuantityField
            label={`Spacing, ${SPACED[set.spaced]}`}
            kind="length"
            value={set.spacing}
            onCommit={(spacing) => change({ spacing, positions: {} })}
          />
          {fields.choice("spaced", "Spacing is meant", SPACED)}
          {fields.maybe("first", "length", up ? "Middle of the first, from the left" : "Middle of the first, from below", "one spacing")}
          {typedList(
            `Middles one by one on this face, from ${up ? "the left" : "below"}; empty: at the spacing`,
            set.positions[figures.face.id] ?? [],
            (values) => store.edit(setPositions(assembly, id, figures.face.id, values.length === 0 ? null : values)),
          )}
          {plates.choice("low", up ? "Plates below" : "Members across, at the left", PLATES)}
          {plates.choice("high", up ? "Plates above" : "Members across, at the right", PLATES)}
          {fields.length("overhang", "Run out past the face by")}
          {fields.toggle("ends", up ? "One along each side edge" : "One along each level edge")}
          {fields.toggle("doubled", "Doubled at openings")}
        </>
      )}
      {fields.toggle("existing", "They are there already")}
      {fields.maybe("share", "percent", "Share of the face, typed", "counted from the drawing")}
      {set.around ? null : (
        <>
          {typedList(`Blocking, nailers, rails: their middles, from ${up ? "below" : "the left"}`, set.cross, (cross) => change({ cross }))}
          <SpacingChoice figures={figures} id={id} set={set} onTake={(spacing) => change({ spacing, spaced: "centres", positions: {} })} />
        </>
      )}
      <MemberWords figures={figures} id={id} set={set} />
      <CutList figures={figures} set={set} />
      <MemberBridge at={place.member(figures.id, id)} />
    </div>
  )
}

/** One of the members in two dimensions. */
function MemberBridge({ at }: { at: Place }) {
  const bridge = useBridges().find((one) => one.place === at)
  return bridge ? (
    <div className="col-span-3">
      <BridgeDetail bridge={bridge} action="See it in two dimensions" testId="bridge" />
    </div>
  ) : null
}

/** Shapes that something can be put into; a channel is open to what lies beside it. */
const holds = (shape: MemberSet["shape"]) => shape === "tube" || shape === "hat"

/** How a set stands on the face: how many, what share, what it crosses. */
export function MemberWords({ figures, id, set }: { figures: SurfaceFigures; id: string; set: MemberSet }) {
  const { length, write } = useWriting()
  const { shell } = useJob()
  const layout = framingOn(shell, figures, set)
  const crossing = crossingOf(figures.layers, id)
  const count = layout.members.filter(({ role }) => role === "member").length
  const names = (layers: readonly (typeof figures.layers)[number][]) => layers.map(({ material }) => inSentence(material.name)).join(", ")
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
        : {count} of them, {length(layout.length)} of sticks beside plates and ends.
      </p>
      {crossing ? (
        <p>
          They cross {names(crossing.between)} ({length(crossing.depth)});{" "}
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
        they are calculated so; timber by the combined method as if they ended with it.
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
