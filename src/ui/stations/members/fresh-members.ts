import { level, RIBS, timber } from "../../../edit/start/layers"

/** Members that a layer can be laid between where there are none of their kind yet. */
export const FRESH_MEMBERS = [
  { value: "+wood", name: "new: sticks of wood", set: timber("Studs", 0.045, 0.6) },
  { value: "+level", name: "new: battens that cross", set: level("Battens", 0.045, 0.6) },
  { value: "+around", name: "new: sticks round openings", set: { ...timber("Sticks round openings", 0.045, 0.6), around: true } },
  { value: "+metal", name: "new: ribs of sheet metal", set: RIBS },
] as const
