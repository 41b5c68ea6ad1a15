import * as z from "../zod"
import { Job } from "./job"

/** JSON Schema of the job document, as `docs/job-format.schema.json` keeps it. */
export function jobSchemaText(): string {
  return `${JSON.stringify(z.toJSONSchema(Job), null, 2)}\n`
}
