import { cookies } from "next/headers"
import { KIT_EMBLEMS } from "../edit/start/kit-emblems"
import { FIRST, shelf } from "../server/shelf"
import { store } from "../store/current"
import { fromStore } from "./from-store"
import { Shelf } from "../ui/shelf/shelf"

export default async function Page() {
  const units = (await cookies()).get("units")?.value === "inch-pound" ? "inch-pound" : "metric"
  return fromStore(() => <Shelf shelf={shelf(store(), FIRST)} kits={KIT_EMBLEMS} startUnits={units} />)
}
