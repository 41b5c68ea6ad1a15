import type { ReactNode } from "react"

/** Whether the plant is enough, before anything else is said. */
export function PlantVerdict({ sentence, under, children }: { sentence: string; under: string; children?: ReactNode }) {
  return (
    <div className="flex items-start justify-between gap-4">
      <div>
        <h1 className="font-display text-[20px] leading-6 font-bold text-balance" data-testid="plant">
          {sentence}
        </h1>
        <p className="pt-1 text-graphite">{under}</p>
      </div>
      {children}
    </div>
  )
}
