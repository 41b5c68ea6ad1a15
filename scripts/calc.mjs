import { installPackages } from "./install.mjs"

// npm runs scripts in the project's folder; a file named on the command line is relative to where the person stands.
const from = process.env.INIT_CWD ?? process.cwd()
installPackages()
process.chdir(from)
const { register } = await import("tsx/esm/api")
register()
const { main } = await import("../src/cli/calc.ts")
process.exitCode = main(process.argv.slice(2))
