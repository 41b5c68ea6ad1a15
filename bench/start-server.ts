import { spawn } from "node:child_process"

const PORT = "3292"

/** Starts the application on a folder and waits until it answers. */
export async function startServer(folder: string): Promise<{ address: string; stop: () => void }> {
  const server = spawn("node", ["scripts/start.mjs"], { env: { ...process.env, PORT, PELZHAUS_DATA: folder }, stdio: "ignore" })
  const address = `http://127.0.0.1:${PORT}`
  for (let i = 0; i < 600; i++) {
    const up = await fetch(address).then(
      () => true,
      () => false,
    )
    if (up) return { address, stop: () => server.kill("SIGTERM") }
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
  server.kill("SIGTERM")
  throw new Error("The server did not start.")
}
