"use client"
import type { ComponentProps } from "react"
import { QuantityField } from "../primitives/fields"
import { useJob } from "./job-store"

/** A figure of the open job, in the job's own units. */
export function JobQuantity(props: Omit<ComponentProps<typeof QuantityField>, "system">) {
  return <QuantityField system={useJob().units} {...props} />
}
