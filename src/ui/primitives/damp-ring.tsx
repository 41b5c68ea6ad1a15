import type { DampVerdict } from "../../core/moisture/damp-verdict"

/** Damp by shape before colour: open, dashed while it hangs on airtightness, a dot for mould, half filled, filled; a tick of frost beside it. */
export function DampRing({ verdict, size = 20 }: { verdict: Pick<DampVerdict, "state" | "freezes">; size?: number }) {
  return (
    <svg
      width={size + 6}
      height={size}
      viewBox={`-10 -10 ${20 + 120 / size} 20`}
      aria-hidden
      className="inline-block shrink-0 overflow-visible"
    >
      <DampMark verdict={verdict} />
    </svg>
  )
}

/** The same mark about the origin, radius 8, for use on the pelt. */
export function DampMark({ verdict }: { verdict: Pick<DampVerdict, "state" | "freezes"> }) {
  const { state, freezes } = verdict
  return (
    <g stroke="var(--fen)" strokeWidth={2.4} fill="none">
      <circle
        r={8}
        fill={state === "wets-in-both" ? "var(--fen)" : "var(--sheet)"}
        strokeDasharray={state === "convection" ? "3.2 2.4" : undefined}
      />
      {state === "mould" ? <circle r={2.6} fill="var(--fen)" stroke="none" /> : null}
      {state === "leaks" || state === "sweats" || state === "wets" ? (
        <path d="M-8 0A8 8 0 0 0 8 0Z" fill="var(--fen)" stroke="none" />
      ) : null}
      {freezes ? (
        <path d="M10 -12v6M7.4 -10.5l5.2 3M12.6 -10.5l-5.2 3" stroke="var(--frost)" strokeWidth={1.5} strokeLinecap="round" />
      ) : null}
    </g>
  )
}
