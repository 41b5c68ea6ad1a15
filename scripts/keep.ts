import { join, resolve } from "node:path"
import { backUp, restore } from "../src/store/backup"
import { dataFolder } from "../src/store/open"

const [command, named] = process.argv.slice(2)
// npm runs in the project's folder; a file is named from where the person stands.
const file = named && resolve(process.env.INIT_CWD ?? ".", named)
const now = new Date()

try {
  if (command === "backup") {
    const target = file ?? join("backups", `pelzhaus-${now.toISOString().slice(0, 19).replace(/[:T]/g, "-")}.db`)
    await backUp(dataFolder(), target)
    console.log(`Backed up to ${target}`)
  } else {
    if (!file) throw new Error("Name the backup: npm run restore -- FILE")
    const former = restore(file, dataFolder(), now)
    console.log(`Restored ${file}${former ? `; what was there before is kept in ${former}` : ""}`)
  }
} catch (error) {
  console.error((error as Error).message)
  process.exitCode = 1
}
