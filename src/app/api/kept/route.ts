import { answering } from "../respond"
import { store } from "../../../store/current"
import { listKept } from "../../../store/kept"

/** Build-ups and own materials on the shelf. */
export const GET = answering((): Response => {
  return Response.json(listKept(store()))
})
