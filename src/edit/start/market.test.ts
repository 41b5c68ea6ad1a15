import { describe, expect, test } from "@jest/globals"
import { CATALOGUE, materialOf, materialsSold } from "../../core/material/catalogue"
import { arealPrice } from "../../core/material/layer-properties"
import { FOOT, INCH } from "../../core/quantity/length"
import { JobKind } from "../../schema/job/job"
import { KNOWN } from "../known"
import { readDocument } from "../../schema/job/read-job"
import { roundedSize } from "./rounded-size"
import { readyBuildUps } from "./ready-build-ups"
import { SCHOOLS } from "./schools"
import { KITS, startJob } from "./start-job"

const sold = materialsSold({}, "inch-pound")
const inches = (length: number) => length / INCH
const isWhole = (value: number) => Math.abs(value - Math.round(value)) < 1e-6

const jobs = JobKind.options.flatMap((kind) =>
  SCHOOLS[kind].map(({ id }) => {
    const { form, station } = KITS[kind]
    return startJob({ kind, name: `${kind} ${id}`, units: "inch-pound", form: roundedSize(form, "inch-pound"), station, school: id })
  }),
)

describe("a job that starts in feet and inches", () => {
  test.each(jobs.map((job) => [job.name, job] as const))("%s is a job, priced in dollars, its measures to the inch", (_, job) => {
    expect(readDocument(job, KNOWN).ok).toBe(true)
    expect(job.currency).toBe("USD")
    for (const value of Object.values(job.shell.form)) if (typeof value === "number") expect(isWhole(inches(value))).toBe(true)
    for (const { width, height } of Object.values(job.shell.openings)) expect([inches(width), inches(height)].every(isWhole)).toBe(true)
  })

  test.each(JobKind.options)("is built of what is sold in inches, and of nothing else: %s", (kind) => {
    for (const part of ["wall", "roof", "floor"] as const)
      for (const { assembly } of readyBuildUps(kind, part, "inch-pound")) {
        for (const { material, thickness } of Object.values(assembly.layers))
          expect(materialOf(material, sold).sold.thicknesses).toContain(thickness)
        // Sticks are dressed lumber (PS 20-20), at spacings that a tape marks.
        for (const { shape, width, spacing, material } of Object.values(assembly.members)) {
          if (shape === "solid" && CATALOGUE[material]!.class === "wood")
            expect([0.75, 1.5, 2.5, 3.5, 5.5]).toContain(Number(inches(width).toFixed(6)))
          expect([12, 16, 19.2, 24, 32, 48, 72, 96, 120]).toContain(Number(inches(spacing).toFixed(6)))
        }
      }
  })
})

describe("what is sold in inches", () => {
  test("has no length that was turned from millimetres", () => {
    // Thicker than sheet metal all is in sixteenths, or in tenths of an inch as mats and panels are; never 20 mm as 0.787 in.
    for (const [
      id,
      {
        sold: { thicknesses },
      },
    ] of Object.entries(sold))
      for (const thickness of thicknesses) {
        const sixteenths = inches(thickness) * 16
        const tenths = inches(thickness) * 10
        if (thickness > 0.0032) expect([id, isWhole(sixteenths) || isWhole(sixteenths * 2) || isWhole(tenths)]).toEqual([id, true])
      }
  })

  test("foam and batts say their label", () => {
    // R an inch = 0.0254 / λ / 0.17611 (NIST SP 811), at 24 °C.
    const label = (id: string, thickness: number) => thickness / CATALOGUE[id]!.conductivity.declared / 0.176110184
    expect(label("xps-r5", INCH)).toBeCloseTo(5, 2)
    expect(label("eps-r4", INCH)).toBeCloseTo(4, 2)
    expect(label("glass-batt-r13", 3.5 * INCH)).toBeCloseTo(13, 1)
    expect(label("glass-batt-r21", 5.5 * INCH)).toBeCloseTo(21, 1)
    expect(label("stone-batt-r23", 5.5 * INCH)).toBeCloseTo(23, 1)
    for (const id of ["xps-r5", "glass-batt-r13", "polyiso"]) expect(CATALOGUE[id]!.conductivity.at).toBe(24)
  })

  test("boards are sheets of 4 × 8 in the thicknesses of the trade", () => {
    const { thicknesses, width, length } = sold["xps-r5"]!.sold
    expect(thicknesses.map((one) => Number(inches(one).toFixed(3)))).toEqual([0.5, 0.75, 1, 1.5, 2, 3, 4])
    expect([width!, length!].map((one) => one / FOOT)).toEqual([expect.closeTo(4, 9), expect.closeTo(8, 9)])
  })

  test("and each market leaves out what only the other has", () => {
    expect(sold.xps!.sold.thicknesses).toEqual([])
    expect(materialsSold({}, "metric")["xps-r5"]!.sold.thicknesses).toEqual([])
    expect(arealPrice(sold.xps!, 0.05)).toBeGreaterThan(0)
  })
})
