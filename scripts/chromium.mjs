import { existsSync } from "node:fs"

/** Debian's package of Chromium without a window, which starts sooner and draws with less. */
export const PACKAGE = "chromium-headless-shell"

/** The Chromium that tests, bench and pictures drive. */
export const CHROMIUM = process.env.CHROMIUM ?? (existsSync(`/usr/bin/${PACKAGE}`) ? `/usr/bin/${PACKAGE}` : "/usr/bin/chromium")
