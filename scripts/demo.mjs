import { run } from "./install.mjs"
import { serve } from "./serve.mjs"

// A folder of its own: the demo never touches a person's own jobs. Delete it to start the demo afresh.
serve({
  data: process.env.PELZHAUS_DEMO_DATA ?? "demo-data",
  port: process.env.PORT ?? "3220",
  prepare: (folder) => run("node", ["--import", "tsx", "scripts/seed-demo.ts", folder]),
})
