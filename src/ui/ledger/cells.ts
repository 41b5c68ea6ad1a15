import { heightWorking, moneyWorking, weightWorking, yearWorking } from "../../core/ledger/sums.working"
import { heatGainWorking } from "../../core/ledger/heat-gain.working"
import { heatLossWorking } from "../../core/ledger/heat-loss.working"
import { floorRise } from "../../core/shell/size"
import type { Ledger } from "../../core/ledger/ledger"
import type { Kind } from "../../core/quantity/measure"
import type { Working } from "../../core/working"
import type { Form } from "../../schema/job/form"
import type { Job, Limits } from "../../schema/job/job"

export type CellName = "loss" | "gain" | "year" | "height" | "weight" | "money"

/** A headline figure: what it is called, where it comes from, and which way is better. */
export interface Cell {
  name: CellName
  words: string
  kind: Kind
  figure: (ledger: Ledger) => number
  working: (ledger: Ledger, job: Job) => Working
  limit: keyof Limits | null
  moreIsBetter: boolean
  /** Rests on how heat passes. */
  thermal: boolean
}

export const CELLS: readonly Cell[] = [
  {
    name: "loss",
    words: "loss, worst night",
    kind: "power",
    figure: (ledger) => ledger.loss.total,
    working: heatLossWorking,
    limit: "loss",
    moreIsBetter: false,
    thermal: true,
  },
  {
    name: "gain",
    words: "gain, hottest hour",
    kind: "power",
    figure: (ledger) => ledger.gain.total,
    working: heatGainWorking,
    limit: "gain",
    moreIsBetter: false,
    thermal: true,
  },
  {
    name: "year",
    words: "a year, no sun counted",
    kind: "energy",
    figure: (ledger) => ledger.year.total,
    working: yearWorking,
    limit: null,
    moreIsBetter: false,
    thermal: true,
  },
  {
    name: "height",
    words: "height left",
    kind: "length",
    figure: (ledger) => ledger.clear.standing,
    working: (ledger, { shell }) => heightWorking(ledger, ...standingPlace(shell.form), floorRise(shell)),
    limit: "height",
    moreIsBetter: true,
    thermal: false,
  },
  {
    name: "weight",
    words: "weight added",
    kind: "mass",
    figure: (ledger) => ledger.weight,
    working: weightWorking,
    limit: "weight",
    moreIsBetter: false,
    thermal: false,
  },
  {
    name: "money",
    words: "money",
    kind: "money",
    figure: (ledger) => ledger.money,
    working: moneyWorking,
    limit: "money",
    moreIsBetter: false,
    thermal: false,
  },
]

/** Where the standing height is taken, and the shell's own height there. */
function standingPlace(form: Form): [place: string, height: number] {
  switch (form.kind) {
    case "box":
      return ["Shell, floor line to roof", form.height]
    case "shed":
      return ["Shell, floor line to roof at its lower side", Math.min(form.leftHeight, form.rightHeight)]
    case "van":
      return ["Shell, floor line to the middle of the roof", form.crownHeight]
    default:
      return ["Shell, floor line to roof at the side walls", form.wallHeight]
  }
}
