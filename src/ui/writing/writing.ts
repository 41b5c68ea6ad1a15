"use client"
import { createContext, useContext } from "react"
import type { CurrencyCode } from "../../schema/currency"
import {
  type Kind,
  parseQuantity,
  type Printed,
  printQuantity,
  printWholeDegrees,
  printWithUnit,
  type Style,
  unitOf,
} from "../../core/quantity/measure"
import type { UnitSystem } from "../../core/quantity/unit-system"

/** How quantities are written: all words and figures of a screen go through it. */
export interface Writing extends Style {
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
  /** What was typed, SI. @throws InputError */
  read: (kind: Kind, text: string) => number
  wholeDegrees: (temperature: number) => string
}

function makeWriting(units: UnitSystem, currency: CurrencyCode): Writing {
  const style = { units, currency }
  return {
    ...style,
    write: (kind, value) => printWithUnit(kind, value, style),
    length: (value) => printWithUnit("length", value, style),
    printed: (kind, value) => printQuantity(kind, value, style),
    figure: (kind, value) => printQuantity(kind, value, style).text,
    unit: (kind) => (kind === "length" ? (units === "metric" ? "mm" : "in") : unitOf(kind, style)),
    read: (kind, text) => parseQuantity(kind, text, style),
    wholeDegrees: (temperature) => printWholeDegrees(temperature, units),
  }
}

const made = new Map<string, Writing>()

/** How quantities are written in a system of units and a currency; the same for the same. */
export function writingOf(units: UnitSystem, currency: CurrencyCode): Writing {
  const key = `${units} ${currency}`
  const writing = made.get(key) ?? makeWriting(units, currency)
  made.set(key, writing)
  return writing
}

const Context = createContext<Writing>(writingOf("metric", "EUR"))
export const WritingProvider = Context.Provider

/** How quantities are written on this part of the screen. */
export const useWriting = (): Writing => useContext(Context)
