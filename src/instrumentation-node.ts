import { closeStore, store } from "./store/current"

// Opened before the first request, so that a bad store stops the start with its reason.
try {
  store()
} catch (error) {
  console.error(`Pelzhaus cannot start: ${(error as Error).message}`)
  process.exit(1)
}
process.once("exit", closeStore)
