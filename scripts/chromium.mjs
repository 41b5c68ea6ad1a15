import { existsSync } from "node:fs"

/** Debian's package of Chromium without a window, which starts sooner and draws with less. */
export const PACKAGE = "chromium-headless-shell"

/** The Chromium that tests and pictures drive. */
export const CHROMIUM = process.env.CHROMIUM ?? (existsSync(`/usr/bin/${PACKAGE}`) ? `/usr/bin/${PACKAGE}` : "/usr/bin/chromium")

/** The one that the bench drives: without a window frames come only by the screen's own beat, and cannot be timed by what they cost. */
export const WITH_FRAMES = process.env.CHROMIUM ?? "/usr/bin/chromium"
