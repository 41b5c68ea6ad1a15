"use client"
import { createContext, useContext } from "react"
import { type Kind, type Printed, printQuantity, printWholeDegrees, printWithUnit } from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"

/** How quantities are written: all words and figures of a screen go through it. */
export interface Writing {
  units: UnitSystem
  /** A value with its unit, on one line. */
  write: (kind: Kind, value: number) => string
  /** The same of a length, which is written most. */
  length: (value: number) => string
  /** A value and its unit apart. */
  printed: (kind: Kind, value: number) => Printed
  /** A value without its unit. */
  figure: (kind: Kind, value: number) => string
  /** The unit over a column of such figures. */
  unit: (kind: Kind) => string
  wholeDegrees: (temperature: number) => string
}

const writingOf = (units: UnitSystem): Writing => ({
  units,
  write: (kind, value) => printWithUnit(kind, value, units),
  length: (value) => printWithUnit("length", value, units),
  printed: (kind, value) => printQuantity(kind, value, units),
  figure: (kind, value) => printQuantity(kind, value, units).text,
  unit: (kind) => (kind === "length" ? (units === "metric" ? "mm" : "in") : printQuantity(kind, 0, units).unit),
  wholeDegrees: (temperature) => printWholeDegrees(temperature, units),
})

/** How each system of units is written. */
export const WRITING: Readonly<Record<UnitSystem, Writing>> = { metric: writingOf("metric"), "inch-pound": writingOf("inch-pound") }

const Context = createContext<Writing>(WRITING.metric)
export const WritingProvider = Context.Provider

/** How quantities are written on this part of the screen. */
export const useWriting = (): Writing => useContext(Context)
