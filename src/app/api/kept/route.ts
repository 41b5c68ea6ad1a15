import { store } from "../../../store/current"
import { listKept } from "../../../store/kept"

/** Build-ups and own materials on the shelf. */
export function GET(): Response {
  return Response.json(listKept(store()))
}
