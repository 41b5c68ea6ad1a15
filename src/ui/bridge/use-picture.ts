"use client"
import type { Detail } from "../../core/conduction/detail"
import { DETAIL } from "../../core/results/detail-result"
import { PICTURE } from "../../core/results/picture-result"
import { useShown } from "../calculations/calculations"
import { useAsked } from "../calculations/use-asked"

/** A detail solved with its temperatures, on demand in a worker; its progress is the cells of the mesh that it is at. */
export function usePicture(detail: Detail) {
  const { result, ...asked } = useAsked(PICTURE, detail)
  const figures = useShown().of(DETAIL, detail) ?? null
  return { figures, picture: result?.picture ?? null, ...asked }
}
