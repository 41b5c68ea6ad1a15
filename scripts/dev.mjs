import { spawn } from "node:child_process"
import { checkHost } from "./serve.mjs"
import { installPackages } from "./install.mjs"

const host = checkHost()
installPackages()
spawn("node", ["node_modules/next/dist/bin/next", "dev", "-H", host, "-p", process.env.PORT ?? "3230"], { stdio: "inherit" })
