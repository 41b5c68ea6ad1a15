import { restore } from "../../src/store/backup"

// Says when it begins and when it is done; the test kills it in between.
const [backup, folder] = process.argv.slice(2) as [string, string]
process.stdout.write("go\n")
restore(backup, folder, new Date())
process.stdout.write("done\n")
