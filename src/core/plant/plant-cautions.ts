import type { Machine, Plant } from "../../schema/job/plant"
import type { Kind } from "../quantity/measure"
import { coldestRoom } from "./machine"

/**
 * What can hurt people or the machine, in plain sentences.
 * @param cooled °C that the room is cooled to
 * @param write a quantity in the job's units
 */
export function plantCautions({ heater, cooler, offGrid }: Plant, cooled: number, write: (kind: Kind, value: number) => string): string[] {
  return [
    ...(heater && burns(heater)
      ? [
          `${heater.name}: it needs outdoor air to burn, a flue to the outdoors and clearances as its maker says, and a carbon monoxide alarm where people sleep. A licensed trade fits it.`,
        ]
      : []),
    ...(cooler && (coldestRoom(cooler) ?? -Infinity) > cooled
      ? [
          `${cooler.name}: its figures are for rooms down to ${write("temperature", coldestRoom(cooler)!)}. Driven colder it ices up, takes out less than is told here, and its maker’s warranty may end; do not override its own controls.`,
        ]
      : []),
    ...(offGrid && offGrid.generator > 0
      ? ["Generator: never inside or beside a vent; its exhaust kills. Carbon monoxide alarm where people sleep."]
      : []),
  ]
}

const burns = ({ energy }: Machine): boolean => energy !== "electricity"
