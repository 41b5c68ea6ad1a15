"use client"
import { inSentence } from "../../core/in-sentence"
import { type Headline, headlinesOf, isAbout, limitOf, overLimit } from "../../core/ledger/headlines"
import { useJob, useJobStore } from "../job/job-store"
import { useLedger, usePinnedLedger } from "../job/use-ledger"
import { DampRing } from "../primitives/damp-ring"
import { Figure } from "../primitives/figure"
import { useStation } from "../stations/stations"
import { useShowWorking } from "../working/use-show-working"
import { useWriting } from "../writing/writing"

/** The headline figures under everything: each with its limit, its change against the state that it is compared with, and its working. */
export function LedgerStrip() {
  const { kind } = useJob().brief
  const { ledger: own } = useStation()
  const headlines = headlinesOf(kind).filter(({ id }) => !own?.instead.includes(id))
  const waiting = useLedger().pending.length > 0
  return (
    <section aria-label="Ledger" className="relative h-16 shrink-0 border-t border-ink bg-sheet compact:h-17" data-testid="ledger">
      {waiting ? (
        <p className="absolute right-3 bottom-full rounded-t-soft border border-b-0 border-seam bg-sheet px-2 text-dense text-graphite">
          ≈ about: bridges are still being calculated
        </p>
      ) : null}
      <div className="flex h-full overflow-x-auto">
        {own ? <own.Cells /> : null}
        {headlines.map((headline) =>
          headline.verdict ? (
            <Verdict key={headline.id} headline={headline} of={headline.verdict} />
          ) : (
            <Cell key={headline.id} headline={headline} />
          ),
        )}
      </div>
    </section>
  )
}

function Verdict({ headline, of }: { headline: Headline; of: NonNullable<Headline["verdict"]> }) {
  const store = useJobStore()
  const show = useShowWorking()
  const ledger = useLedger()
  const { surface, verdict } = of(ledger)
  const soFar = isAbout(headline, ledger)
  return (
    <button
      type="button"
      data-figure={headline.id}
      className="min-w-44 grow basis-0 px-3.5 pt-1 text-left hover:bg-chosen"
      onClick={() => {
        store.choose({ face: surface.id })
        show.headline(headline.id)
      }}
    >
      <span className="block truncate text-dense text-graphite">
        {headline.name}
        {soFar ? " so far" : ""}: {inSentence(surface.name)}
      </span>
      <span className="flex items-center gap-1.5 pt-1">
        <DampRing verdict={{ ...verdict, soFar }} />
        <span
          className="line-clamp-2 font-display text-[14px] leading-4 font-semibold"
          title={soFar ? `By the months so far: ${verdict.sentence}` : verdict.sentence}
        >
          {verdict.words}
        </span>
      </span>
    </button>
  )
}

function Cell({ headline }: { headline: Headline }) {
  const { limits } = useJob().brief
  const ledger = useLedger()
  const pinned = usePinnedLedger()
  const show = useShowWorking()
  const value = headline.of(ledger)
  const before = pinned ? headline.of(pinned) : null
  const over = overLimit(headline, ledger, limits) !== null
  const unknown = headline.unknown?.(ledger) ?? false
  return (
    <button
      type="button"
      data-figure={headline.id}
      data-value={unknown ? undefined : value}
      className="relative min-w-40 grow basis-0 border-r border-seam px-3.5 pt-1 text-left hover:bg-chosen"
      onClick={() => show.headline(headline.id)}
    >
      <span className="flex justify-between gap-2 text-dense leading-4 text-graphite">
        <span className="truncate">{headline.name}</span>
        {before === null ? null : <Change headline={headline} by={value - before} />}
      </span>
      <span className={over ? "text-clay" : ""}>
        {unknown ? (
          <span className="font-display text-[22px] font-semibold">
            …<span className="sr-only">is being worked out</span>
          </span>
        ) : (
          <Figure kind={headline.kind} value={value} rough={isAbout(headline, ledger)} />
        )}
        {over ? <span className="sr-only">, over its limit</span> : null}
      </span>
      <Bar value={value} limit={limitOf(headline, ledger, limits)} pinned={before} over={over} />
    </button>
  )
}

function Change({ headline, by }: { headline: Headline; by: number }) {
  const text = useWriting().figure(headline.kind, by)
  const none = /^[−+]?0?(\.0+)?"?$/.test(text)
  const better = by === 0 || by > 0 === (headline.better === "more")
  return (
    <span data-change className={`font-semibold ${none ? "text-graphite" : better ? "text-spruce" : "text-ember-text"}`}>
      {none ? "±0" : by > 0 ? `+${text}` : text}
      <span className="sr-only"> against the state that it is compared with</span>
    </span>
  )
}

/** Where a figure stands against its limit (long mark) and what is pinned (small wedge). */
function Bar({ value, limit, pinned, over }: { value: number; limit: number | null; pinned: number | null; over: boolean }) {
  const span = Math.max(value, limit ?? 0, pinned ?? 0, 1e-9) * 1.12
  const share = (figure: number) => `${Math.max(0, Math.min(100, (figure / span) * 100))}%`
  if (limit === null && pinned === null) return null
  return (
    <span aria-hidden className="absolute inset-x-3.5 bottom-1 h-[3px] bg-seam">
      <span className={`absolute inset-y-0 left-0 ${over ? "bg-clay" : "bg-ink"}`} style={{ width: share(value) }} />
      {limit === null ? null : <span className="absolute -top-1 h-[11px] w-[2px] bg-ink" style={{ left: share(limit) }} />}
      {pinned === null ? null : (
        <span
          className="absolute -top-[5px] -ml-1 size-0 border-x-4 border-t-4 border-x-transparent border-t-graphite"
          style={{ left: share(pinned) }}
        />
      )}
    </span>
  )
}
