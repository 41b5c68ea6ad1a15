import { autonomy, supplyHours } from "../core/plant/battery"
import { panelPower } from "../core/plant/panel"
import { sum } from "../core/numeric/sum"
import { PowerInput, PowerOutput } from "../schema/power"
import { operation } from "./operation"

/** Battery, panel and generator step by step: `npm run calc power`. */
export const power = operation({
  name: "power",
  summary: "battery, panel and generator where no mains is",
  input: PowerInput,
  output: PowerOutput,
  run: ({ panel, hours, step, ...supply }) => {
    const made = hours.map(({ sun, temperature }) => panelPower(panel, sun, temperature))
    const used = hours.map((entry) => entry.used)
    const steps = supplyHours(supply, made, used, step)
    const total = (key: "made" | "used" | "generated" | "spilled" | "missing" | "running") => sum(steps.map((one) => one[key]))
    return {
      ...{ made: total("made"), used: total("used"), generated: total("generated"), spilled: total("spilled") },
      ...{ missing: total("missing"), running: total("running") },
      empty: steps.filter(({ missing }) => missing > 0).length,
      autonomy: autonomy(supply, sum(used) / used.length),
      state: steps.map(({ left }) => left),
      notes: [
        {
          code: "battery",
          text: "A twentieth of what goes into the battery is lost; cold, age and fast discharge take more of it: the maker’s sheet says how much.",
        },
      ],
    }
  },
})
