import { serve } from "./serve.mjs"

serve({ data: process.env.PELZHAUS_DATA ?? "data", port: process.env.PORT ?? "3210" })
