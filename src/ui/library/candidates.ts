import type { SurfaceFigures } from "../../core/enclosure/surface-figures"
import { judgingOf, type Ledger, ledgerOf } from "../../core/ledger/ledger"
import type { SolvedDetails } from "../../core/enclosure/solved-details"
import { activeState, withAssembly } from "../../core/enclosure/job-state"
import { readyBuildUps } from "../../edit/start/ready-build-ups"
import { needsSlab } from "../../edit/start/ways"
import type { Assembly } from "../../schema/job/build-up"
import type { Brief, Job, OwnMaterials } from "../../schema/job/job"
import type { KeptBuildUp } from "../../schema/kept"
import type { OnShelf } from "./use-kept"

/** A build-up that a face could wear, and the whole enclosure with it. */
export interface Candidate {
  id: string
  /** Where it is from: its school, or the shelf. */
  from: string
  assembly: Assembly
  materials: OwnMaterials
  face: SurfaceFigures
  ledger: Ledger
}

/** What a face wears now. */
export function presentCandidate(job: Job, face: SurfaceFigures, ledger: Ledger): Candidate {
  const assembly = job.variants[job.active]!.assemblies[face.assembly]!
  return { id: "now", from: "in use now", assembly, materials: job.materials, face, ledger }
}

/** All that a face could wear: what is kept on the shelf, then the ready ones for its part of such an enclosure. */
export function candidatesFor(job: Job, face: SurfaceFigures, kept: readonly OnShelf<KeptBuildUp>[], solved: SolvedDetails): Candidate[] {
  const state = activeState(job)
  const own = kept.map(({ id, document }) => ({ id, from: "on the shelf", assembly: document.assembly, materials: document.materials }))
  const ready = readyBuildUps(job.brief.kind, face.face.part, job.units)
    .filter(({ way }) => face.ground || !needsSlab(way))
    .map(({ id, assembly }) => ({ id, from: "built-in example", assembly, materials: {} }))
  return [...own, ...ready].map((one): Candidate => {
    const tried = withAssembly({ ...state, materials: { ...one.materials, ...state.materials } }, face.assembly, one.assembly)
    const ledger = ledgerOf(tried, solved)
    return { ...one, face: ledger.surfaces.find(({ id }) => id === face.id)!, ledger }
  })
}

/** What a candidate waits for: of the verdicts on damp that of the face that would wear it. */
export const waitingFor = ({ ledger, face }: Candidate, brief: Brief): Pick<Ledger, "pending" | "awaited" | "judging"> => ({
  pending: ledger.pending,
  awaited: ledger.awaited,
  judging: ledger.pending.length > 0 ? [] : judgingOf(ledger, [face], brief),
})
