import { cookies } from "next/headers"
import { Shelf } from "../ui/shelf/shelf"
import { store } from "../store/current"
import { listJobs } from "../store/jobs"

export default async function Page() {
  const units = (await cookies()).get("units")?.value === "inch-pound" ? "inch-pound" : "metric"
  return <Shelf shelf={listJobs(store())} startUnits={units} />
}
