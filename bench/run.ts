import { benchBridges } from "./bridges"
import { benchBrowser } from "./browser"
import { benchCore } from "./core"
import { benchStore } from "./store"

console.table([...(await benchCore()), ...(await benchBridges()), ...(await benchStore()), ...(await benchBrowser())])
