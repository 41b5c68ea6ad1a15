"use client"
import { createStore, useStore } from "zustand"
import { later } from "./later"
import type { Notice } from "./notices"

const Notices = later(() => import("./notices").then((module) => module.Notices))

const said = createStore<readonly Notice[]>(() => [])

/** Says something for a few seconds at the foot of the screen. */
export const toast = (words: string, options?: Notice["options"]): void => said.setState([...said.getState(), { words, options }], true)

/** Where it comes up; what shows it is fetched with the first. */
export function Toasts() {
  const notices = useStore(said)
  return notices.length > 0 ? <Notices notices={notices} /> : null
}
