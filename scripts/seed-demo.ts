import { demoJobs } from "../src/edit/start/demo-jobs"
import { createJob, listJobs } from "../src/store/jobs"
import { openStore, storeFile } from "../src/store/open"

const store = openStore(storeFile(process.argv[2]))
if (listJobs(store, "").length === 0) {
  const start = Date.now()
  // The shelf shows the newest first.
  demoJobs().forEach((job, i) => createJob(store, job, new Date(start - i).toISOString()))
}
store.close()
