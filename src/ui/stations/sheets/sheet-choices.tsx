"use client"
import { v4 as newId } from "uuid"
import { parseSizes } from "../../../core/quantity/length"
import { type Boarding, NOTHING_SAID, type Stuff, stuffKey } from "../../../core/takeoff/boarding"
import { type LayerPlace, setBoards, setStock } from "../../../edit/sheet-edits"
import type { Boards } from "../../../schema/job/build-up"
import type { Fault } from "../../../schema/outcome"
import type { SheetSize, SheetStock } from "../../../schema/job/sheet-stock"
import { useJob, useJobStore } from "../../job/job-store"
import { Button } from "../../primitives/button"
import { choicesOf, QuantityField, ReadField, SelectField } from "../../primitives/fields"
import { Toggle } from "../../primitives/toggle"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"

interface Props {
  stuff: Stuff
  nth: number
  boarding: Boarding
}

/** What the boards that are looked at are cut from, and how they are laid. */
export function SheetChoices(props: Props) {
  return (
    <div className="border-t border-seam pt-3 [&>*+*]:mt-2">
      <Unfolding words="Sheets that are sold, offcuts on hand, and the saw">{() => <StockFields stuff={props.stuff} />}</Unfolding>
      <Unfolding words="How these boards are laid">{() => <LayingFields {...props} />}</Unfolding>
    </div>
  )
}

function StockFields({ stuff }: { stuff: Stuff }) {
  const { figure, length, units } = useWriting()
  const store = useJobStore()
  const job = useJob()
  const stocks = job.variants[job.active]!.stock
  const known = Object.entries(stocks).find(([, one]) => stuffKey(one) === stuff.key)
  const { material, thickness, offcuts, kerf, edgeToEdge } = stuff
  const change = (said: Partial<SheetStock>): Fault | null => {
    const now: SheetStock = known?.[1] ?? { material, thickness, sizes: null, offcuts, kerf, edgeToEdge }
    return store.edit(setStock(known?.[0] ?? `s-${newId().slice(0, 8)}`, { ...now, ...said }))
  }
  const sizes = known?.[1].sizes ?? stuff.sizes.map((size) => ({ ...size, price: null }))
  const shown = (list: readonly { length: number; width: number }[]) =>
    list.map((one) => `${figure("length", one.length)} × ${figure("length", one.width)}`).join("; ")
  return (
    <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2 pt-2" data-testid="stock-fields">
      {sizes.map((size, i) => (
        <SizeFields
          key={i}
          size={size}
          usual={stuff.sizes[i]?.price ?? 0}
          onChange={(said) => change({ sizes: sizes.map((one, at) => (at === i ? { ...one, ...said } : one)) })}
          onOut={sizes.length > 1 ? () => change({ sizes: sizes.filter((_, at) => at !== i) }) : null}
        />
      ))}
      {sizes.length < 12 ? (
        <div className="col-span-2">
          <Button onClick={() => change({ sizes: [...sizes, { ...sizes.at(-1)!, price: null, count: null }] })}>Another size</Button>
        </div>
      ) : null}
      <div className="col-span-2">
        <ReadField
          label="Offcuts on hand, length × width"
          shown={shown(offcuts)}
          placeholder={units === "metric" ? "1200 × 400; 800 × 300" : "48 × 16; 32 × 12"}
          read={(text) => parseSizes(text, units)}
          onEmpty={() => change({ offcuts: [] })}
          onCommit={(list) => change({ offcuts: list })}
        />
      </div>
      <QuantityField
        label="A cut takes"
        kind="length"
        value={kerf}
        onCommit={(value) =>
          value >= 0 && value <= 0.02
            ? change({ kerf: value })
            : { code: "out-of-range", path: [], message: `A cut takes between ${length(0)} and ${length(0.02)}.` }
        }
      />
      <SelectField
        label="Cut by"
        value={edgeToEdge ? "saw" : "knife"}
        options={choicesOf({ saw: "table or track saw: from edge to edge", knife: "knife or jigsaw: anywhere" })}
        onChange={(value) => change({ edgeToEdge: value === "saw" })}
      />
    </div>
  )
}

interface SizeProps {
  size: SheetSize
  /** Its price where none is typed. */
  usual: number
  onChange: (said: Partial<SheetSize>) => Fault | null
  onOut: (() => void) | null
}

/** A size that sheets are sold in. */
function SizeFields({ size, usual, onChange, onOut }: SizeProps) {
  const { figure } = useWriting()
  return (
    <div className="col-span-2 grid grid-cols-[1fr_1fr_1fr_1fr_auto] items-end gap-x-2">
      <QuantityField label="Length" kind="length" value={size.length} onCommit={(length) => onChange({ length })} />
      <QuantityField label="Width" kind="length" value={size.width} onCommit={(width) => onChange({ width })} />
      <QuantityField
        label="Price of one"
        kind="price"
        value={size.price}
        empty={null}
        placeholder={figure("price", usual)}
        onCommit={(price) => onChange({ price })}
      />
      <ReadField
        label="How many there are"
        shown={size.count === null ? "" : String(size.count)}
        placeholder="any"
        read={(text) => Number(text)}
        onEmpty={() => onChange({ count: null })}
        onCommit={(count) =>
          Number.isInteger(count) && count >= 0 && count <= 10_000
            ? onChange({ count })
            : { code: "out-of-range", path: [], message: "A whole number up to 10 000, or nothing for any." }
        }
      />
      {onOut ? (
        <Button look="link" onClick={onOut}>
          take out
        </Button>
      ) : (
        <span />
      )}
    </div>
  )
}

const COURSES = { auto: "whichever takes fewer sheets", up: "upright", beside: "level" }
const HOLDS = { auto: "as usual for this stuff", yes: "on members", no: "anywhere" }

function LayingFields({ stuff, nth, boarding }: Props) {
  const { figure, length } = useWriting()
  const store = useJobStore()
  const job = useJob()
  const { assemblies } = job.variants[job.active]!
  const layers = boarding.faces.flat().filter((layer) => layer.stuff === stuff.key && layer.nth === nth)
  const places: LayerPlace[] = [...new Map(layers.map(({ assembly, layer }) => [`${assembly} ${layer}`, { assembly, layer }])).values()]
  const first = layers[0]
  const place = places[0]
  if (!first || !place) return <p>No face has such a layer.</p>
  const said: Boards = assemblies[place.assembly]?.layers[place.layer]?.boards ?? NOTHING_SAID
  const change = (one: Partial<Omit<Boards, "locked">>) => store.edit(setBoards(places, one))
  const range = (most: number, name: keyof Omit<Boards, "locked">) => (value: number | null) =>
    value === null || (value >= 0 && value <= most)
      ? change({ [name]: value })
      : { code: "out-of-range" as const, path: [], message: `Between ${length(0)} and ${length(most)}.` }
  return (
    <div className="grid grid-cols-2 items-end gap-x-4 gap-y-2 pt-2" data-testid="laying-fields">
      <SelectField
        label="Their long side"
        value={said.course ?? "auto"}
        options={choicesOf(COURSES)}
        onChange={(value) => change({ course: value === "auto" ? null : value })}
      />
      <SelectField
        label="Their joints lie"
        value={said.onMembers === null ? "auto" : said.onMembers ? "yes" : "no"}
        options={choicesOf(HOLDS)}
        onChange={(value) => change({ onMembers: value === "auto" ? null : value === "yes" })}
      />
      <QuantityField
        label="Gap between boards"
        kind="length"
        value={said.gap}
        empty={null}
        placeholder={figure("length", first.gap)}
        onCommit={range(0.1, "gap")}
      />
      <QuantityField
        label="Joints apart from those beneath"
        kind="length"
        value={said.apart}
        empty={null}
        placeholder={figure("length", first.apart)}
        onCommit={range(2, "apart")}
      />
      <QuantityField
        label="No strip narrower than"
        kind="length"
        value={said.narrowest}
        empty={null}
        placeholder={figure("length", first.narrowest)}
        onCommit={range(1, "narrowest")}
      />
      <Toggle label="Keep the grain's direction" on={said.grain} onChange={(grain) => change({ grain })} />
    </div>
  )
}
