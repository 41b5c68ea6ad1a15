"use client"

/** What drags rows is heavy: it is fetched when a hand comes near them, or with the rest. */
export const loadSorting = () => import("./sorting").then((module) => module)
