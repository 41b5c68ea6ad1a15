import { benchCore } from "./core"
await benchCore(); await benchCore()
console.log((await benchCore()).slice(0,2))
