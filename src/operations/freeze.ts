import { freezing } from "../core/dynamic/freezing"
import { FreezeInput, FreezeOutput } from "../schema/freeze"
import { operation } from "./operation"

/** How long a tank or a pipe holds out: `npm run calc freeze`. */
export const freeze = operation({
  name: "freeze",
  summary: "how long a tank or pipe holds out",
  input: FreezeInput,
  output: FreezeOutput,
  run: (water) => ({
    ...freezing(water),
    notes: [
      {
        code: "lump",
        text: "One lump of water: a thin pipe or a shallow trap freezes at its edge sooner, and ice bursts a pipe long before all of it is solid.",
      },
    ],
  }),
})
