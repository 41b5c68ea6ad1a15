"use client"
import { Contrast } from "lucide-react"
import { IconButton } from "../primitives/button"

/** Switches between light and dark; a cookie keeps it, so that the page comes in the right one. */
export function switchTheme(): void {
  const { theme: chosen } = document.documentElement.dataset
  const dark = chosen ? chosen === "dark" : matchMedia("(prefers-color-scheme: dark)").matches
  const theme = dark ? "light" : "dark"
  document.documentElement.dataset.theme = theme
  document.cookie = `theme=${theme}; path=/; max-age=31536000; samesite=strict`
}

export function ThemeButton() {
  return (
    <IconButton name="Light or dark" onClick={switchTheme}>
      <Contrast size={17} aria-hidden />
    </IconButton>
  )
}

/** Millimetres or feet and inches; stored values stay as they are. */
export function UnitSwitch({ metric, onSwitch }: { metric: boolean; onSwitch: () => void }) {
  return (
    <button
      type="button"
      className="rounded-soft px-1.5 py-1 hover:bg-chosen"
      aria-label={`Units: ${metric ? "metric" : "inch-pound"}; switch`}
      onClick={onSwitch}
    >
      <span className={metric ? "font-bold" : "text-graphite narrow:hidden"}>mm</span>{" "}
      <span className={metric ? "text-graphite narrow:hidden" : "font-bold"}>ft·in</span>
    </button>
  )
}
