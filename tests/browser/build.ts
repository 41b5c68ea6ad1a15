/** The application is built once, before the servers of the workers start from it. */
export { build as default } from "../../scripts/build.mjs"
