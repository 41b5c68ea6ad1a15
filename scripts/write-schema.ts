import { writeFileSync } from "node:fs"
import { jobSchemaText } from "../src/schema/job/json-schema"

writeFileSync("docs/job-format.schema.json", jobSchemaText())
