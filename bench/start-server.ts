import { spawn } from "node:child_process"

const PORT = "3292"

const rest = () => new Promise((resolve) => setTimeout(resolve, 200))

/** Starts the application on a folder and waits until it answers. */
export async function startServer(folder: string): Promise<{ address: string; stop: () => void }> {
  const address = `http://127.0.0.1:${PORT}`
  const answers = () =>
    fetch(address).then(
      () => true,
      () => false,
    )
  // One that ends takes a moment; of one that stays another build would be measured.
  for (let i = 0; i < 50 && (await answers()); i++) await rest()
  if (await answers()) throw new Error(`Something answers at ${address} already: end it first.`)
  const server = spawn("node", ["scripts/start.mjs"], { env: { ...process.env, PORT, PELZHAUS_DATA: folder }, stdio: "ignore" })
  process.once("exit", () => server.kill("SIGTERM"))
  for (let i = 0; i < 600; i++) {
    if (await answers()) return { address, stop: () => server.kill("SIGTERM") }
    await rest()
  }
  server.kill("SIGTERM")
  throw new Error("The server did not start.")
}
