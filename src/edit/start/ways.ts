import type { JobKind } from "../../schema/job/job"
import type { FacePart } from "../../core/shell/face"

/** Ways of building that good practitioners follow, each by what decides it. */
export const WAYS = {
  boards: "Foam boards",
  closed: "Tight membrane on the warm side",
  smart: "Smart membrane",
  outside: "All insulation outside an airtight layer",
  open: "Vapour-open all through",
  "closed-cell": "Closed-cell foam, thinner",
  "open-cell": "Open-cell foam, thicker",
  vented: "Vented roof",
  unvented: "Unvented roof",
  carried: "Foam that carries the floor",
  joists: "Joists carry the floor",
  "slab-full": "Slab insulated all over",
  "slab-edge": "Slab insulated along its edge only",
  "slab-none": "Slab without insulation",
} as const satisfies Record<string, string>
export type Way = keyof typeof WAYS

const ENCLOSING = ["closed", "smart", "outside", "open", "closed-cell", "open-cell"] as const satisfies readonly Way[]

/** The ways between which one chooses for each part; each has a ready build-up, or a reason why it has none. */
export const CHOICE: Readonly<Record<FacePart, readonly Way[]>> = {
  wall: ENCLOSING,
  roof: [...ENCLOSING, "vented", "unvented"],
  floor: ["carried", "joists", "slab-full", "slab-edge", "slab-none"],
}

const NO_SLAB = "It stands on wheels or skids: there is no slab under it."

/** Whether a way is for a floor that lies on the ground. */
export const needsSlab = (way: Way): boolean => way.startsWith("slab-")

/** Why a way does not fit a part of a kind of enclosure. */
const UNFIT: Readonly<Partial<Record<JobKind, Partial<Record<FacePart, Partial<Record<Way, string>>>>>>> = {
  van: {
    wall: { outside: "The steel skin is the outside and the airtight layer in one: insulation over it would meet road, rain and paint." },
    roof: {
      outside: "The steel skin is the outside and the airtight layer in one: insulation over it would meet wind, rain and paint.",
      vented: "Under a welded skin there is no eave and no ridge to air a gap from; what driving blows in is wet.",
      unvented: "Every roof of a van is unvented: each of those above is one.",
    },
    floor: { "slab-full": NO_SLAB, "slab-edge": NO_SLAB, "slab-none": NO_SLAB },
  },
  cabin: { floor: { "slab-full": NO_SLAB, "slab-edge": NO_SLAB, "slab-none": NO_SLAB } },
}

const NOT_ON_SLAB = "This one does not lie on the ground; what it stands on is said at the Shell."

/**
 * Ways that a part of a kind of enclosure cannot follow, each with the reason.
 * @param onGround whether its floor lies on the ground
 */
export const unfitWays = (kind: JobKind, part: FacePart, onGround = true): { way: Way; why: string }[] =>
  CHOICE[part].flatMap((way) => {
    const why = UNFIT[kind]?.[part]?.[way] ?? (needsSlab(way) && !onGround ? NOT_ON_SLAB : undefined)
    return why ? [{ way, why }] : []
  })
