import { benchBridges } from "./bridges"
import { benchBrowser } from "./browser"
import { benchCore } from "./core"
import { benchCutting } from "./cutting"
import { benchDamp } from "./damp"
import { benchHours } from "./hours"
import { benchServer } from "./server"
import { benchStore } from "./store"

// One after the other: a part that fails leaves the rows before it told.
for (const bench of [benchCore, benchBridges, benchHours, benchDamp, benchCutting, benchStore, benchServer, benchBrowser])
  console.table(await bench())
