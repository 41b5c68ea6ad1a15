/** Opens the store before the first request, so that a bad one stops the start with its reason. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME !== "nodejs") return
  const { closeStore, store } = await import("./store/current")
  try {
    store()
  } catch (error) {
    console.error(`Pelzhaus cannot start: ${(error as Error).message}`)
    process.exit(1)
  }
  process.once("exit", closeStore)
}
