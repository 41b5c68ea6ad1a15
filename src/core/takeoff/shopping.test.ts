import { describe, expect, test } from "@jest/globals"
import clip from "polygon-clipping"
import { demo, evenBox } from "../../../tests/fixtures/jobs"
import { sketch, stack, timber } from "../../../tests/fixtures/layers"
import type { Job } from "../../schema/job/job"
import { activeState } from "../enclosure/job-state"
import { ledgerOf } from "../ledger/ledger"
import { materialOf } from "../material/catalogue"
import { sum } from "../numeric/sum"
import { axleLoads, centreOfMass, faceMasses } from "./added-mass"
import { boardingOf } from "./boarding"
import { layerMoney, shoppingList } from "./shopping"
import { sheetPlan } from "./sheet-plan"

function listed(job: Job) {
  const state = activeState(job)
  const ledger = ledgerOf(state)
  const boarding = boardingOf(state, ledger.surfaces)
  const plan = sheetPlan(boarding, clip, 20)
  return { ledger, plan, lines: shoppingList(state, ledger.surfaces, ledger.bill, boarding, plan) }
}

describe("the shopping list", () => {
  test("has every sheet of the plan at its price, and no material twice", () => {
    for (const name of ["Larkspur", "Cold Nettle", "Tern Hut", "Eel Barn"] as const) {
      const { lines, plan, ledger } = listed(demo(name))
      expect(new Set(lines.map(({ key }) => key)).size).toBe(lines.length)
      const boards = lines.filter(({ measure }) => measure === "sheets" || measure === "batts")
      expect(sum(boards.map(({ count }) => count))).toBe(sum(plan.stuffs.map(({ bought }) => bought)))
      const cost = sum(plan.stuffs.map((stuff) => stuff.cost))
      expect(sum(boards.map(({ count, each }) => count * each!))).toBeCloseTo(cost, 6)
      // By faces it is as much as all boards, and what else the bill has: the ledger's money less what boards are worth without what is left over.
      const worth = sum(plan.stuffs.map((stuff) => stuff.cost * (1 - stuff.waste)))
      const layers = layerMoney(ledger.surfaces, ledger.bill, plan)
      const money = sum(layers.map((layer) => layer.money))
      expect(money).toBeGreaterThan(ledger.money)
      expect(money - cost).toBeLessThan(ledger.money - 0.7 * worth)
      expect(sum(layers.map(({ mass }) => mass))).toBeCloseTo(ledger.weight, 6)
    }
  })

  test("counts rolls with their laps, boards that lie on nothing with glue, and keeps a price that was typed", () => {
    const box = evenBox(sketch("one", stack`polythene 0.2, xps 50, gypsum-board 12`))
    const { lines, ledger } = listed(box)
    const area = sum(ledger.surfaces.map(({ netArea }) => netArea))
    const film = lines.find(({ what }) => /polythene/i.test(what))!
    // Rolls of 4 by 25 m: 3.9 m of each count, and a tenth is bought beside.
    expect(film).toMatchObject({ measure: "rolls", count: Math.ceil((area * 1.1) / (3.9 / 4) / 100), supplier: "insulation" })
    // Two layers of boards on all faces, 0.3 kg on a m².
    expect(lines.find(({ key }) => key === "glue")!.count).toBeCloseTo(2 * area * 0.3 * 1.1, 6)
    expect(lines.find(({ key }) => key === "sealant")).toMatchObject({ each: null, measure: "cartridges" })
    const { variants, active } = box
    const priced = {
      ...box,
      variants: { ...variants, [active]: { ...variants[active]!, buying: { ...variants[active]!.buying, prices: { sealant: 7 } } } },
    }
    expect(listed(priced).lines.find(({ key }) => key === "sealant")!.each).toBe(7)
  })

  test("counts bags and kits as much as is bought, and packs where it is said what one holds, by hand", () => {
    const box = evenBox(sketch("one", stack`osb 12, cellulose-loose 200, spray-closed 120`))
    const { lines, ledger } = listed(box)
    const area = sum(ledger.surfaces.map(({ netArea }) => netArea))
    const { density, price } = materialOf("cellulose-loose")
    const bag = lines.find(({ packIn }) => packIn === "mass")!
    // A twentieth is bought beside; 200 mm that settles by a tenth are blown 222 mm deep.
    expect(bag).toMatchObject({ measure: "mass", count: expect.closeTo(area * 0.2 * density * 1.05, 6) as unknown })
    expect(bag.blown).toBeCloseTo(0.2 / 0.9, 9)
    expect(bag.each! * density).toBeCloseTo(price.amount, 6)
    const kit = lines.find(({ packIn }) => packIn === "volume")!
    expect(kit).toMatchObject({ measure: "volume", count: expect.closeTo(area * 0.12 * 1.05, 6) as unknown, passes: 3 })
    const { buying } = box.variants[box.active]!
    box.variants[box.active]!.buying = { ...buying, packs: { [bag.key]: 12, [kit.key]: 0.4 } }
    const packs = listed(box).lines.filter(({ measure }) => measure === "packs")
    expect(packs.map(({ count }) => count)).toEqual([Math.ceil((area * 0.2 * density * 1.05) / 12), Math.ceil((area * 0.12 * 1.05) / 0.4)])
    expect(packs[0]!.each).toBeCloseTo(bag.each! * 12, 9)
  })

  test("mesh before both ends of a vented space, and washers where screws go through foam, by hand", () => {
    const box = evenBox(sketch("one", stack`osb 12, xps 100`))
    const variant = box.variants[box.active]!
    const studs = timber("Studs", 0.05, 0.6)
    variant.assemblies.vented = sketch("vented", stack`xps 50, air 30 between ${studs}, glass-wool 100`)
    const air = variant.assemblies.vented.order[1]!
    variant.assemblies.vented.layers[air]!.vents = 0.02
    variant.wears.left = "vented"
    const { lines } = listed(box)
    // The left wall is 4 m long: both ends, 30 mm and 50 mm on each side of it, and a tenth beside.
    expect(lines.find(({ key }) => key === "mesh")!.count).toBeCloseTo(2 * 4 * 0.13 * 1.1, 9)
    const screws = lines.filter(({ key }) => key.startsWith("screws"))
    expect(lines.find(({ key }) => key === "washers")!.count).toBe(sum(screws.map(({ count }) => count)))
  })

  test("a face that is divided weighs where its parts are: with one build-up all over, the whole has its middle", () => {
    const box = evenBox(sketch("one", stack`osb 12, xps 100`))
    const middle = (job: Job) => centreOfMass(faceMasses(job.shell, ledgerOf(activeState(structuredClone(job))).surfaces))!
    const before = middle(box)
    box.shell.zones = {
      one: { kind: "rectangle", name: "one", face: "left", x: 0.2, y: 0.1, width: 1.5, height: 1.1 },
      two: { kind: "rectangle", name: "two", face: "floor", x: 3, y: 0, width: 2, height: 1 },
    }
    const after = middle(box)
    expect(after.mass).toBeCloseTo(before.mass, 9)
    for (const [axis, value] of before.at.entries()) expect(after.at[axis]!).toBeCloseTo(value, 9)
  })

  test("sticks that stand only round openings carry no boards: what lies on them is glued, not screwed", () => {
    const box = evenBox(sketch("one", stack`osb 12, glass-wool 90 between ${timber("Round openings", 0.05, 0.6, { around: true })}`))
    const { lines } = listed(box)
    expect(lines.some(({ key }) => key.startsWith("screws"))).toBe(false)
    expect(lines.some(({ key }) => key === "glue")).toBe(true)
  })

  test("a tapered layer is ordered by its area, not cut from even boards", () => {
    const box = evenBox(sketch("one", stack`osb 12, xps 100`))
    const { one } = box.variants[box.active]!.assemblies
    one!.layers[one!.order[1]!]!.taper = 0.08
    const { lines, plan } = listed(box)
    expect(plan.stuffs.every(({ stuff }) => stuff.startsWith("osb"))).toBe(true)
    expect(lines.find(({ key }) => key.endsWith("tapered"))).toMatchObject({ measure: "area", thickness: 0.1 })
  })

  test("counts screws where boards lie on members", () => {
    const { lines } = listed(demo("Tern Hut"))
    const screws = lines.filter(({ key }) => key.startsWith("screws"))
    expect(screws.length).toBeGreaterThan(0)
    for (const { size, what } of screws) {
      expect(what).toBe("Screws for wood")
      // 9 mm of plywood and six diameters of 4.5 mm: 36 mm at least.
      expect(size!.length).toBeGreaterThanOrEqual(0.036)
    }
  })
})

describe("what is added to an enclosure", () => {
  test("has its centre in the middle where all faces are alike, and weighs what the ledger says", () => {
    const job = evenBox(sketch("one", stack`xps 50`))
    const { ledger } = listed(job)
    const faces = faceMasses(job.shell, ledger.surfaces)
    const { form } = job.shell
    if (form.kind !== "box") throw new Error("not a box")
    const { mass, at } = centreOfMass(faces)!
    expect(mass).toBeCloseTo(ledger.weight, 6)
    expect(at).toEqual([form.length / 2, form.width / 2, form.height / 2].map((value) => expect.closeTo(value, 9)))
  })

  test("rests on two axles by the lever, also behind the rear one", () => {
    expect(axleLoads(300, 1, { rear: 0, front: 3 })).toEqual({ rear: expect.closeTo(200, 9), front: expect.closeTo(100, 9) })
    expect(axleLoads(300, -0.3, { rear: 0, front: 3 })).toEqual({ rear: expect.closeTo(330, 9), front: expect.closeTo(-30, 9) })
  })
})
