"use client"
import { LineChart } from "echarts/charts"
import { GridComponent, MarkLineComponent, TooltipComponent } from "echarts/components"
import { type ECharts, init, use as register } from "echarts/core"
import { SVGRenderer } from "echarts/renderers"
import { useEffect, useRef } from "react"
import { printNumber } from "../../core/quantity/number"
import { resolvedColour, useTheme } from "../primitives/use-theme"

register([LineChart, GridComponent, MarkLineComponent, TooltipComponent, SVGRenderer])

export interface Curve {
  name: string
  /** Token of the line's colour. */
  token: "ember" | "frost" | "graphite"
  dashed?: boolean
  values: readonly number[]
}

interface Props {
  label: string
  hours: readonly number[]
  curves: readonly Curve[]
  unit: string
  marked: number
}

/** Curves over the hours of a day. */
export function DayChart({ label, hours, curves, unit, marked }: Props) {
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
  // The chart holds colours as text, so a change of theme draws it again.
  useEffect(() => {
    chart.current?.setOption(optionsOf(ref.current!, hours, curves, unit, marked))
  }, [hours, curves, unit, marked, theme])
  return <div ref={ref} role="img" aria-label={label} className="h-52 w-full" />
}

function optionsOf(element: HTMLElement, hours: readonly number[], curves: readonly Curve[], unit: string, marked: number) {
  const colour = (token: string) => resolvedColour(`var(--${token})`)
  const fontFamily = getComputedStyle(element).fontFamily
  const text = { color: colour("graphite"), fontFamily, fontSize: 12 }
  return {
    animation: false,
    textStyle: { fontFamily },
    grid: { left: 8, right: 12, top: 26, bottom: 4, containLabel: true },
    tooltip: { trigger: "axis", valueFormatter: (value: number) => `${printNumber(value, 0)} ${unit}` },
    xAxis: {
      type: "category",
      data: hours.map(String),
      axisLabel: { ...text, interval: 5 },
      axisTick: { show: false },
      axisLine: { lineStyle: { color: colour("graphite") } },
    },
    yAxis: {
      type: "value",
      name: unit,
      nameTextStyle: text,
      axisLabel: { ...text, formatter: (value: number) => printNumber(value, 0) },
      splitLine: { lineStyle: { color: colour("seam") } },
    },
    series: curves.map((curve, i) => ({
      name: curve.name,
      type: "line",
      data: curve.values,
      showSymbol: false,
      color: colour(curve.token),
      lineStyle: { width: curve.dashed ? 1.5 : 2.4, type: curve.dashed ? "dashed" : "solid" },
      ...(i === 0
        ? {
            markLine: {
              symbol: "none",
              silent: true,
              label: { show: false },
              lineStyle: { color: colour("spruce"), type: "solid", width: 1.6 },
              data: [{ xAxis: String(marked) }],
            },
          }
        : {}),
    })),
  }
}
