import { writeFileSync } from "node:fs"
import { CLIMATE_STATIONS } from "../src/core/climate/climate-stations"
import { activeState } from "../src/core/enclosure/job-state"
import { judgedLedger } from "../src/core/ledger/solved-ledger"
import { jobResults } from "../src/core/results/job-results"
import { growingResults } from "../src/core/results/results"
import { type FaceCase, FACE_CASES, jobOf, TABLE_STATIONS, TABLE_USES, type TableUse } from "../tests/fixtures/face-cases"

/** What months, years, rules and spots say of twenty build-ups in four climates and three uses, and what comes of it: `docs/verdicts.md`. */

const STEPS = { dry: "dry", unjudged: "?", weeks: "weeks", months: "months", gathers: "gathers" } as const
/** The face that is judged of each part. */
const FACES: Record<FaceCase["part"], readonly string[]> = { wall: ["left"], roof: ["roof-left", "roof"] }
const only = process.argv[2]
const results = growingResults()

function row(one: FaceCase, station: string, use: TableUse): string {
  const job = jobOf(one, station, use)
  const ledger = judgedLedger(activeState(job), jobResults(results), ({ id }) => FACES[one.part].includes(id))
  const surface = ledger.surfaces.find(({ id }) => FACES[one.part].includes(id))!
  const { verdict, decidedBy, said, setAside } = ledger.moisture[surface.id]!
  const aside = setAside.map(({ judge }) => judge).join(", ") || "–"
  const cells = [said.months, said.years!, said.rule, said.spot].map(({ filling, harms }) => `${STEPS[filling]}${harms ? "!" : ""}`)
  return `| ${CLIMATE_STATIONS[station]!.name} | ${use} | ${cells.join(" | ")} | **${STEPS[verdict.filling]}**${verdict.harms ? "!" : ""} | ${decidedBy ?? "nobody"} | ${aside} | ${verdict.words} |`
}

const HEAD =
  "| place | use | months | years | rules | spots | verdict | by | set aside | in words |\n| --- | --- | --- | --- | --- | --- | --- | --- | --- | --- |"
const parts = FACE_CASES.filter(({ name }) => only === undefined || name.includes(only)).map((one) => {
  const rows = TABLE_STATIONS.flatMap((station) => (Object.keys(TABLE_USES) as TableUse[]).map((use) => row(one, station, use)))
  process.stderr.write(`${one.name}\n${rows.join("\n")}\n`)
  const layers = one.layers.map(([material, thickness]) => `${material} ${Math.round(thickness * 10000) / 10} mm`).join(" · ")
  return `## ${one.name}\n\n${one.part === "wall" ? "Wall" : "Roof"}, outside to inside: ${layers}.\n\n${HEAD}\n${rows.join("\n")}\n`
})

const INTRO = `# What comes of twenty build-ups

Each worn by a small enclosure of its own in four climates and three uses, judged by the months (ISO 13788), the years (EN 15026, followed for the
build on the bad side of usual), the rules of building and the cold spots. The verdict is the worst of those that are not set aside; years set
the months aside where all that they rest on is known. \`!\`: it must not stay so. Made by \`npm run verdicts\`.
`
if (only === undefined) writeFileSync("docs/verdicts.md", `${INTRO}\n${parts.join("\n")}`)
