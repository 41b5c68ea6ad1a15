import { describe, expect, test } from "@jest/globals"
import fc from "fast-check"
import { demo, evenBox, startShell } from "../../../tests/fixtures/jobs"
import { sketch, stack, timber } from "../../../tests/fixtures/layers"
import { anyJob } from "../../../tests/arbitrary/any-job"
import type { Job } from "../../schema/job/job"
import type { Zone } from "../../schema/job/shell"
import { sum } from "../numeric/sum"
import { ledgerOf } from "../ledger/ledger"
import { solvedLedger } from "../ledger/solved-ledger"
import { jobResults } from "../results/job-results"
import { growingResults } from "../results/results"
import { activeState } from "./job-state"

const rectangle = (face: "left" | "floor" | "front", x: number, y: number, width: number, height: number): Zone => ({
  ...{ kind: "rectangle", name: "part", face },
  ...{ x, y, width, height },
})
const solved = (job: Job) => solvedLedger(activeState(job), jobResults(growingResults()))
const of = (ledger: ReturnType<typeof ledgerOf>, id: string) => ledger.surfaces.find((surface) => surface.id === id)!

describe("a zone with the build-up of its face", () => {
  test.each(["Larkspur", "Cold Nettle", "Tern Hut", "Eel Barn"])("changes no figure of %s", (name) => {
    const job = demo(name)
    const divided = demo(name)
    divided.shell.zones = {
      one: rectangle("left", 0.5, 0, 1.1, 0.9),
      over: rectangle("left", 1.2, 0.4, 0.9, 1.4),
      foot: rectangle("front", 0, 0, 9, 0.3),
      corner: rectangle("floor", 0, 0, 0.8, 0.7),
    }
    const [before, after] = [ledgerOf(activeState(job)), ledgerOf(activeState(divided))]
    expect(after.surfaces).toHaveLength(before.surfaces.length + 4)
    // A bowed face is a hair larger than its flat outline, which each part has its own share of members on.
    for (const figure of ["weight", "money", "clearVolume"] as const) expect(after[figure] / before[figure]).toBeCloseTo(1, 5)
    // Where members are counted each part has those that stand in it, so that parts differ and the whole does so a little.
    const within = name === "Cold Nettle" ? 3 : 2
    expect(after.loss.total / before.loss.total).toBeCloseTo(1, within)
    expect(after.gain.total / before.gain.total).toBeCloseTo(1, within)
    expect(sum(after.surfaces.map(({ netArea }) => netArea))).toBeCloseTo(sum(before.surfaces.map(({ netArea }) => netArea)), 9)
    const edges = ({ lines }: typeof before) => sum(lines.map(({ kind, length }) => (kind === "edge" ? length : 0)))
    expect(edges(after)).toBeCloseTo(edges(before), 9)
    expect(after.lines.some(({ kind }) => kind === "border")).toBe(false)
    expect(after.clear).toEqual(before.clear)
    const corners = ({ paths }: typeof before) =>
      paths.filter(({ place }) => place.startsWith("corners")).map(({ conductance }) => conductance)
    expect(sum(corners(after)) / sum(corners(before)) || 1).toBeCloseTo(1, 2)
    expect(after.moisture[after.wettest.id]!.verdict.words).toBe(before.moisture[before.wettest.id]!.verdict.words)
  })
})

/**
 * What passes 50 mm of a stuff on the left and 100 mm on the right of a line, 0.3 m each way, for a kelvin, W/m: square cells, each brought
 * to the mean of its neighbours by their conductances until nothing moves; films of 0.04 outdoors and 0.13 on all that the room touches.
 */
function stepOnGrid(conductivity: number, cell: number): number {
  const [columns, rows, low] = [0.6, 0.1, 0.05].map((length) => Math.round(length / cell)) as [number, number, number]
  const solid = (x: number, y: number) => x >= 0 && x < columns && y >= 0 && y < (x < columns / 2 ? low : rows)
  const temperature = new Float64Array(columns * rows)
  const inFilm = 1 / (0.13 + cell / 2 / conductivity)
  const outFilm = 1 / (0.04 + cell / 2 / conductivity)
  const links = (x: number, y: number) => {
    const found: [conductance: number, to: number | "room" | "out"][] = []
    for (const [dx, dy] of [
      [1, 0],
      [-1, 0],
      [0, 1],
      [0, -1],
    ] as const) {
      const [nx, ny] = [x + dx, y + dy]
      if (solid(nx, ny)) found.push([conductivity, ny * columns + nx])
      else if (ny < 0) found.push([outFilm * cell, "out"])
      else if (nx >= 0 && nx < columns) found.push([inFilm * cell, "room"])
    }
    return found
  }
  const cells = Array.from({ length: columns * rows }, (_, i) => [i % columns, Math.floor(i / columns)] as const)
    .filter(([x, y]) => solid(x, y))
    .map(([x, y]) => ({ at: y * columns + x, to: links(x, y) }))
  const seen = (to: number | "room" | "out") => (to === "room" ? 1 : to === "out" ? 0 : temperature[to]!)
  for (let moved = 1; moved > 1e-9;) {
    moved = 0
    for (const { at, to } of cells) {
      const whole = sum(to.map(([conductance]) => conductance))
      const step = sum(to.map(([conductance, other]) => conductance * seen(other))) / whole - temperature[at]!
      temperature[at]! += 1.95 * step
      moved = Math.max(moved, Math.abs(step))
    }
  }
  return sum(cells.flatMap(({ at, to }) => to.map(([conductance, other]) => (other === "out" ? conductance * temperature[at]! : 0))))
}

describe("a zone with a build-up of its own", () => {
  const job = () => {
    const made = evenBox(sketch("one", stack`xps 100`))
    const variant = made.variants.first!
    variant.assemblies.two = sketch("two", stack`xps 50`)
    made.shell.zones = { part: rectangle("left", 1, 0, 2, 1) }
    variant.wears.part = "two"
    return made
  }

  test("loses by its own U over its own area, and along its border, by hand", () => {
    const ledger = solved(job())
    const [wall, part] = [of(ledger, "left"), of(ledger, "part")]
    expect([wall.netArea, part.netArea]).toEqual([8, 2])
    expect(part.name).toBe("Left wall: part")
    const { declared } = wall.layers[0]!.material.conductivity
    expect(part.transmittance).toBeCloseTo(1 / (0.17 + 0.05 / declared), 9)
    const heat = (id: string) => ledger.loss.parts.find(({ place }) => place === `surface/${id}`)!.heat
    expect(heat("part")).toBeCloseTo((2 * 20) / (0.17 + 0.05 / declared), 9)
    expect(heat("left")).toBeCloseTo((8 * 20) / (0.17 + 0.1 / declared), 9)
    // Two sides of 1 m and one of 2 within the wall; the fourth lies on the floor.
    const border = ledger.lines.find(({ kind }) => kind === "border")!
    expect(border.length).toBeCloseTo(4, 9)
    expect(border.solved).not.toBeNull()
    // The floor's edge is parted in 1 + 1 m beside it and 2 m of it.
    const feet = ledger.lines.filter(
      ({ between }) => between?.some(({ id }) => id === "floor") && between.some(({ face }) => face.id === "left"),
    )
    expect(
      feet.map(({ between, length }) => [
        between!
          .map(({ id }) => id)
          .sort()
          .join(),
        length,
      ]),
    ).toEqual([
      ["floor,left", expect.closeTo(2, 9)],
      ["floor,part", expect.closeTo(2, 9)],
    ])
  })

  test("its border passes what a plain slow grid finds", () => {
    const ledger = solved(job())
    const border = ledger.lines.find(({ kind }) => kind === "border")!
    const { declared } = of(ledger, "left").layers[0]!.material.conductivity
    const oneDimensional = (0.3 / (0.17 + 0.05 / declared) + 0.3 / (0.17 + 0.1 / declared)) * 1
    // At the inner corner the error goes with the cell's size: two grids tell where it would end.
    const passed = 2 * stepOnGrid(declared, 0.005) - stepOnGrid(declared, 0.01)
    // Details are solved to 0.001 of what they pass, here 0.9 W/(m·K).
    expect(Math.abs(border.linearTransmittance - (passed - oneDimensional))).toBeLessThan(0.0009)
    expect(border.linearTransmittance).toBeGreaterThan(0.003)
  })

  test("a part that stands further into the room narrows it there, and the volume by its share", () => {
    const thick = job()
    thick.variants.first!.assemblies.two = sketch("two", stack`xps 200`)
    const ledger = ledgerOf(activeState(thick))
    expect(ledger.clear.width).toBeCloseTo(3 - 0.2 - 0.1, 9)
    // 2 of 10 m² stand 100 mm further in.
    const plain = ledgerOf(activeState(evenBox(sketch("one", stack`xps 100`))))
    expect(plain.clearVolume - ledger.clearVolume).toBeCloseTo(((0.1 * 2) / 10) * (4 - 0.2) * (2.5 - 0.2), 9)
  })

  test("an opening is of the part that its middle lies on, and takes its area from those that it covers", () => {
    const open = job()
    const [window] = Object.values(demo("Tern Hut").shell.openings)
    open.shell.openings = { window: { ...window!, face: "left", x: 2, y: 0.6, width: 0.5, height: 1 } }
    const ledger = ledgerOf(activeState(open))
    expect(of(ledger, "left").openings).toHaveLength(1)
    expect(of(ledger, "part").openings).toHaveLength(0)
    // 0.5 × 0.4 m of it lie over the part, 0.5 × 0.6 over the wall.
    expect(of(ledger, "part").netArea).toBeCloseTo(1.8, 9)
    expect(of(ledger, "left").netArea).toBeCloseTo(7.7, 9)
  })

  test("members stand where they would on the whole wall, in each part its own share", () => {
    const studs = timber("Studs", 0.05, 0.6, { ends: false, plates: { low: 0, high: 0 } })
    const framed = evenBox(sketch("one", stack`glass-wool 90 between ${studs}`))
    framed.shell.zones = { part: rectangle("left", 0.5, 0, 1, 2.5) }
    const ledger = ledgerOf(activeState(framed))
    // Studs at 0.6, 1.2 … 3.6 m: two of six in the part of 1 m, four in the 3 m beside it.
    const share = (id: string) => of(ledger, id).layers[0]!.members[0]!.fraction
    expect(share("part")).toBeCloseTo(0.1, 9)
    expect(share("left")).toBeCloseTo(0.2 / 3, 9)
  })
})

describe("a floor that stands partly on the ground", () => {
  const slab = (against: "room" | "air") => {
    const job = evenBox(sketch("one", stack`concrete 100, xps 100`))
    job.shell.floor = "slab"
    job.shell.zones = { part: rectangle("floor", 0, 0, 1.5, 3) }
    job.shell.spaces = {
      room: {
        kind: "held",
        name: "Cellar",
        winter: { temperature: 12, relativeHumidity: 0.6 },
        summer: { temperature: 15, relativeHumidity: 0.6 },
      },
      air: { kind: "open", name: "Open air" },
    }
    job.shell.against = { part: against }
    return ledgerOf(activeState(job))
  }

  test("has the slab's figures from what lies on the ground alone, and the rest sees what is below it", () => {
    const over = slab("air")
    const part = of(over, "part")
    expect(part.ground).toBeNull()
    expect(of(over, "floor").netArea).toBeCloseTo(7.5, 9)
    // 2.5 × 3 m of slab: 2.5 + 2.5 + 3 m under walls, and 3 m towards the air below the part.
    expect(of(over, "floor").ground!.characteristicDimension).toBeCloseTo(7.5 / (0.5 * 11), 9)
    expect(of(slab("room"), "floor").ground!.characteristicDimension).toBeCloseTo(7.5 / (0.5 * 8), 9)
    const heat = over.loss.parts.find(({ place }) => place === "surface/part")!.heat
    expect(heat).toBeCloseTo(part.transmittance * 4.5 * 20, 9)
    const held = slab("room").loss.parts.find(({ place }) => place === "surface/part")!.heat
    expect(held / heat).toBeCloseTo((8 / 20) * (of(slab("room"), "part").transmittance / part.transmittance), 9)
  })

  test("has its slab's edge in the air below the rest drawn, which insulation before it warms", () => {
    const job = (edge: boolean) => {
      const made = evenBox(sketch("one", stack`concrete 100, xps 100`))
      made.shell.floor = "slab"
      made.shell.zones = { part: rectangle("floor", 0, 0, 1.5, 3) }
      made.shell.spaces = { air: { kind: "open", name: "Open air" } }
      made.shell.against = { part: "air" }
      const { one } = made.variants.first!.assemblies
      if (edge) one!.edge = { kind: "vertical", reach: 0.6, thickness: 0.1, material: "xps" }
      return solved(made).lines.find(({ kind }) => kind === "border")!
    }
    const [bare, wrapped] = [job(false), job(true)]
    expect(bare.length).toBeCloseTo(3, 9)
    expect(bare.face.id).toBe("part")
    // The insulation runs on level over slab and air: nowhere is its inside face colder than over air, 1 − 0.17·U; the ground only helps.
    const { declared } = of(solved(evenBox(sketch("one", stack`concrete 100, xps 100`))), "left").layers[1]!.material.conductivity
    const overAir = 1 - 0.17 / (0.17 + 0.1 / 2 + 0.1 / declared + 0.04)
    expect(bare.solved!.coldestInside).toBeGreaterThan(overAir - 0.01)
    expect(bare.solved!.coldestInside).toBeLessThan(1)
    expect(wrapped.solved!.coldestInside).toBeGreaterThanOrEqual(bare.solved!.coldestInside)
    // What insulation before the edge saves counts with the floor: ψ is taken without it.
    expect(wrapped.linearTransmittance).toBeCloseTo(bare.linearTransmittance, 2)
    expect(solved(demo("Eel Barn")).lines.some(({ kind }) => kind === "border")).toBe(false)
  })

  test("the whole slab in two parts is the slab", () => {
    const job = evenBox(sketch("one", stack`concrete 100, xps 100`))
    job.shell.floor = "slab"
    const whole = ledgerOf(activeState(job)).loss.total
    job.shell.zones = { part: rectangle("floor", 0, 0, 1.5, 3) }
    expect(ledgerOf(activeState(job)).loss.total).toBeCloseTo(whole, 9)
  })
})

describe("the skin of a box", () => {
  test("takes side, top and ends, which wall and floor have no more", () => {
    const job = evenBox(sketch("one", stack`xps 100`))
    const variant = job.variants.first!
    variant.assemblies.thin = sketch("thin", stack`xps 20`)
    job.shell.boxes = { wheel: { name: "Wheel", side: "left", x: 1, length: 0.8, width: 0.25, height: 0.3, outline: null } }
    const before = ledgerOf(activeState(structuredClone(job)))
    job.shell.zones = { skin: { kind: "box", name: "Wheel", box: "wheel" } }
    variant.wears.skin = "thin"
    const after = ledgerOf(activeState(job))
    // Side 0.8 × 0.3, top 0.8 × 0.25, two ends 0.25 × 0.3.
    expect(of(after, "skin").netArea).toBeCloseTo(0.24 + 0.2 + 0.15, 9)
    expect(of(after, "left").netArea).toBeCloseTo(10 - 0.24, 9)
    expect(of(after, "floor").netArea).toBeCloseTo(12 - 0.2, 9)
    const whole = ({ surfaces }: typeof before) => sum(surfaces.map(({ netArea }) => netArea))
    expect(whole(after)).toBeCloseTo(whole(before), 9)
    expect(after.loss.total).toBeGreaterThan(before.loss.total)
    expect(startShell({ kind: "box", length: 2, width: 2, height: 2 }, { floor: "skids", openings: {} }).zones).toEqual({})
  })
})

test("in any job the surfaces make up the faces, and their edges the edges", () => {
  fc.assert(
    fc.property(anyJob, (job) => {
      const whole: Job = { ...job, shell: { ...job.shell, zones: {}, openings: {}, notches: {} } }
      const [parted, plain] = [{ ...job, shell: { ...job.shell, openings: {}, notches: {} } }, whole].map((one) =>
        ledgerOf(activeState(one)),
      )
      const area = ({ surfaces }: typeof plain & object) => sum(surfaces.map(({ netArea }) => netArea))
      // A box that reaches out of the shell has no wall or floor behind all of it; a bowed face is a hair larger than its flat outline.
      if (!("skin" in job.shell.zones)) expect(area(parted!) / area(plain!)).toBeCloseTo(1, 4)
    }),
    { numRuns: 30 },
  )
})
