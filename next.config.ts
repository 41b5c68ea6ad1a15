import type { NextConfig } from "next"

const config: NextConfig = {
  serverExternalPackages: ["better-sqlite3", "piscina"],
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  // `npm test` checks all types; a start should not wait for it again.
  typescript: { ignoreBuildErrors: true },
}

export default config
