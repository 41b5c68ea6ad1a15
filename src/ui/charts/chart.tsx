"use client"
import { LineChart } from "echarts/charts"
import { GridComponent, MarkLineComponent, TooltipComponent } from "echarts/components"
import { type ECharts, init, use as register } from "echarts/core"
import { SVGRenderer } from "echarts/renderers"
import { useEffect, useRef } from "react"
import { printNumber } from "../../core/quantity/number"
import type { UnitSystem } from "../../core/quantity/unit-system"
import { useWriting } from "../writing/writing"
import { resolvedColour, useTheme } from "../primitives/use-theme"

register([LineChart, GridComponent, MarkLineComponent, TooltipComponent, SVGRenderer])

export interface Curve {
  name: string
  /** Token of the line's colour. */
  token: "ember" | "frost" | "graphite"
  dashed?: boolean
  values: readonly number[]
}

/** What lies along a chart, and how it is written. */
export interface Along {
  values: readonly number[]
  /** Where it begins, and from one label to the next; left out: as it comes. */
  from?: number
  step?: number
  print: (value: number) => string
}

interface Props {
  label: string
  along: Along
  curves: readonly Curve[]
  unit: string
  /** Places that a line stands at, with what is written on it. */
  marks: readonly { at: number; words: string }[]
}

/** Curves over hours, or over lengths. */
export function Chart({ label, along, curves, unit, marks }: Props) {
  const ref = useRef<HTMLDivElement>(null)
  const chart = useRef<ECharts>(null)
  useEffect(() => {
    const element = ref.current!
    const drawn = init(element, null, { renderer: "svg" })
    chart.current = drawn
    const observer = new ResizeObserver(() => drawn.resize())
    observer.observe(element)
    return () => {
      observer.disconnect()
      drawn.dispose()
    }
  }, [])
  const theme = useTheme()
  const { units } = useWriting()
  // The chart holds colours as text, so a change of theme draws it again.
  useEffect(() => {
    chart.current?.setOption(optionsOf(ref.current!, along, curves, unit, marks, units))
  }, [along, curves, unit, marks, units, theme])
  return <div ref={ref} role="img" aria-label={label} className="h-52 w-full" />
}

function optionsOf(element: HTMLElement, along: Along, curves: readonly Curve[], unit: string, marks: Props["marks"], units: UnitSystem) {
  const colour = (token: string) => resolvedColour(`var(--${token})`)
  const fontFamily = getComputedStyle(element).fontFamily
  const text = { color: colour("graphite"), fontFamily, fontSize: 12 }
  return {
    animation: false,
    textStyle: { fontFamily },
    grid: { left: 8, right: 12, top: 26, bottom: 4, containLabel: true },
    tooltip: { trigger: "axis", valueFormatter: (value: number) => `${printNumber(value, 0, units)} ${unit}` },
    xAxis: {
      type: "value",
      min: along.from ?? Math.min(...along.values),
      max: Math.max(...along.values),
      ...(along.step === undefined ? {} : { interval: along.step }),
      axisLabel: { ...text, formatter: along.print },
      axisPointer: { label: { formatter: ({ value }: { value: number }) => along.print(value) } },
      axisTick: { show: false },
      splitLine: { show: false },
      axisLine: { lineStyle: { color: colour("graphite") } },
    },
    yAxis: {
      type: "value",
      name: unit,
      nameTextStyle: text,
      axisLabel: { ...text, formatter: (value: number) => printNumber(value, 0, units) },
      splitLine: { lineStyle: { color: colour("seam") } },
    },
    series: curves.map((curve, i) => ({
      name: curve.name,
      type: "line",
      data: curve.values.map((value, i) => [along.values[i], value]),
      showSymbol: false,
      color: colour(curve.token),
      lineStyle: { width: curve.dashed ? 1.5 : 2.4, type: curve.dashed ? "dashed" : "solid" },
      ...(i === 0
        ? {
            markLine: {
              symbol: "none",
              silent: true,
              label: { ...text, formatter: ({ name }: { name: string }) => name },
              lineStyle: { color: colour("spruce"), type: "solid", width: 1.6 },
              data: marks.map(({ at, words }) => ({ xAxis: at, name: words })),
            },
          }
        : {}),
    })),
  }
}
