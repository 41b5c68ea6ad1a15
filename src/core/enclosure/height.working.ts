import type { Form } from "../../schema/job/form"
import type { Shell } from "../../schema/job/shell"
import { floorRise } from "../shell/size"
import { input, quantityOf, type Source, type Working, workingLine } from "../working"
import type { Enclosure } from "./enclosure"

/** How the clear height was got. */
export function heightWorking({ linings, clear }: Pick<Enclosure, "linings" | "clear">, shell: Shell): Working {
  const [place, shellHeight] = standingPlace(shell.form)
  const [{ floor }, rise] = [linings, floorRise(shell)]
  const lost = shellHeight - floor - rise - clear.standing
  const line = (name: string, value: number, of: Source["of"]) => workingLine(name, ["length", value], { of }, [], "−")
  return {
    title: "Height left inside",
    formula: "h = H − floor − roof",
    lines: [
      line(place, shellHeight, "shell"),
      line("Floor build-up", -floor, "build-up"),
      ...(rise > 0 ? [line("The floor's highest point over its zero", -rise, "shell")] : []),
      line("Roof build-up measured plumb, and the slope over the wall lining", -lost, "build-up"),
    ],
    total: quantityOf("length", clear.standing),
    inputs: [input("Under the highest point", "length", clear.height, "shell")],
    method:
      "The shell's measures are taken over all; each build-up reaches inward. A slab that is there already lies below the floor line.",
    source: "Geometry",
    notes: [],
  }
}

/** Where the standing height is taken, and the shell's own height there. */
export function standingPlace(form: Form): [place: string, height: number] {
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
