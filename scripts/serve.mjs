import { spawn } from "node:child_process"
import { resolve } from "node:path"
import { build } from "./build.mjs"
import { installPackages, root, say } from "./install.mjs"

/**
 * What is under way may end for so long, ms. A browser that holds a connection on which it never asked for anything would else keep the
 * server for minutes; what was said to be saved is on the disk before.
 */
const GRACE = 5000
const LOOPBACK = ["127.0.0.1", "localhost", "::1"]

/** Stops with a plain message unless the address is this machine's own or a passphrase guards it. */
export function checkHost() {
  const host = process.env.HOST ?? "127.0.0.1"
  if (LOOPBACK.includes(host) || (process.env.PASSPHRASE ?? "").length >= 8) return host
  say(`HOST=${host} would open Pelzhaus to other machines: set PASSPHRASE to at least 8 characters as well, and it will ask for it.`)
  process.exit(1)
}

/**
 * Installs, builds and serves one data folder.
 * @param {{ data: string, port: string, prepare?: (folder: string) => void }} options
 */
export function serve({ data, port, prepare }) {
  const host = checkHost()
  installPackages()
  build()
  const folder = resolve(root, data)
  prepare?.(folder)
  const address = `http://${host === "0.0.0.0" ? "127.0.0.1" : host === "::1" ? "[::1]" : host}:${port}/`
  // The server is started as a file of its own, not through npm: a signal then reaches it.
  const server = spawn("node", ["node_modules/next/dist/bin/next", "start", "-H", host, "-p", port], {
    stdio: ["ignore", "ignore", "inherit"],
    env: { ...process.env, PELZHAUS_DATA: folder },
  })
  for (const signal of ["SIGINT", "SIGTERM"])
    process.on(signal, () => {
      server.kill(signal)
      setTimeout(() => server.kill("SIGKILL"), GRACE)
    })
  server.on("exit", (code) => process.exit(code ?? 0))
  void announce(address, server)
}

async function announce(address, server) {
  while (server.exitCode === null) {
    const up = await fetch(address, { redirect: "manual" }).then(
      () => true,
      () => false,
    )
    if (up) return console.log(`Pelzhaus is at ${address}  (stop with Ctrl-C)`)
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
}
