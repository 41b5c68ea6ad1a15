/** Runs once before the first request; the store exists only where there is Node. */
export async function register(): Promise<void> {
  if (process.env.NEXT_RUNTIME === "nodejs") await import("./instrumentation-node")
}
