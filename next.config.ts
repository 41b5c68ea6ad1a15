import type { NextConfig } from "next"

const config: NextConfig = {
  serverExternalPackages: ["better-sqlite3", "piscina"],
  poweredByHeader: false,
  reactStrictMode: true,
  devIndicators: false,
  turbopack: {
    // The validation library brings its writer of JSON Schema along with every schema, 6 kB compressed that no page ever calls.
    resolveAlias: {
      "../core/json-schema-processors.js": { browser: "./src/ui/no-json-schema.cjs" },
      "../core/to-json-schema.js": { browser: "./src/ui/no-json-schema.cjs" },
    },
  },
  // Fewer, larger scripts compress better.
  experimental: { turbopackChunking: { minChunkSize: 150_000, maxMergeChunkSize: 600_000 } },
  // `npm test` checks all types; a start should not wait for it again.
  typescript: { ignoreBuildErrors: true },
}

export default config
