import type { Filling, Ring } from "../../core/moisture/damp-verdict"

/**
 * Damp by shape before colour: a ring that fills with how long it is wet (never, weeks, months, more each year or harmed by it), dashed where it
 * cannot be judged, within a dotted one while its years are still to be followed; a tick of frost beside it, three dots for mould or rot.
 */
export function DampRing({ verdict, size = 20 }: { verdict: Ring; size?: number }) {
  return (
    <svg
      width={size + 6}
      height={size}
      viewBox={`-12 -12 ${24 + 120 / size} 24`}
      aria-hidden
      className="inline-block shrink-0 overflow-visible"
    >
      <DampMark verdict={verdict} />
    </svg>
  )
}

/** What of the ring is filled, from below: a quarter, half, all of it. */
const FILLED: Readonly<Record<Filling, string | null>> = {
  dry: null,
  unjudged: null,
  weeks: "M-6.93 4A8 8 0 0 0 6.93 4Z",
  months: "M-8 0A8 8 0 0 0 8 0Z",
  gathers: "M-8 0A8 8 0 0 0 8 0A8 8 0 0 0 -8 0Z",
}

/** The same mark about the origin, radius 8, for use on the pelt. */
export function DampMark({ verdict: { filling, freezes, moulds, soFar } }: { verdict: Ring }) {
  return (
    <g stroke="var(--fen)" strokeWidth={2.4} fill="none">
      <circle r={8} fill="var(--sheet)" strokeDasharray={filling === "unjudged" ? "3.2 2.4" : undefined} />
      {soFar ? <circle r={11.6} stroke="var(--graphite)" strokeWidth={0.9} strokeDasharray="1.2 2.4" /> : null}
      {FILLED[filling] ? <path d={FILLED[filling]} fill="var(--fen)" stroke="none" /> : null}
      {moulds ? (
        <g fill={filling === "gathers" ? "var(--sheet)" : "var(--ink)"} stroke="none">
          <circle cx={-3.6} cy={-1} r={1.5} />
          <circle cx={0} cy={-3} r={1.5} />
          <circle cx={3.6} cy={-1} r={1.5} />
        </g>
      ) : null}
      {freezes ? (
        <path d="M10 -12v6M7.4 -10.5l5.2 3M12.6 -10.5l-5.2 3" stroke="var(--frost)" strokeWidth={1.5} strokeLinecap="round" />
      ) : null}
    </g>
  )
}
