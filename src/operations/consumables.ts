import { consumed } from "../core/takeoff/consumables"
import { ConsumablesInput, ConsumablesOutput } from "../schema/consumables"
import { operation } from "./operation"

/** What is used up beside boards and sticks: `npm run calc consumables`. */
export const consumables = operation({
  name: "consumables",
  summary: "adhesive, sealant, tape, membrane, loose fill and foam: how much, how many packs",
  input: ConsumablesInput,
  output: ConsumablesOutput,
  run: ({ lines }) => ({
    lines: lines.map(consumed),
    notes: [
      {
        code: "packs",
        text: "What a pack gives differs with the stuff, its temperature and the hand: the maker's data sheet says it, and how much foam may be sprayed at once.",
      },
    ],
  }),
})
