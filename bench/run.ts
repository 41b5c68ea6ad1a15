import { benchBridges } from "./bridges"
import { benchBrowser } from "./browser"
import { benchCore } from "./core"
import { benchDamp } from "./damp"
import { benchHours } from "./hours"
import { benchServer } from "./server"
import { benchStore } from "./store"

console.table([
  ...(await benchCore()),
  ...(await benchBridges()),
  ...(await benchHours()),
  ...(await benchDamp()),
  ...(await benchStore()),
  ...(await benchServer()),
  ...(await benchBrowser()),
])
