/**
 * Share of all its pores from which on a stuff that freezes is broken by it, the lower end of what was found; of others it is not known.
 * @see Fagerlund, Materials and Structures 10 (1977), 217 (critical degree of saturation): clay brick, sand-lime brick, aerated and dense
 * concrete, mortar, limestone
 */
const CRITICAL: Readonly<Record<string, number>> = {
  ...{ "clay-brick": 0.8, "sand-lime-brick": 0.75, "aerated-concrete": 0.45 },
  ...{ concrete: 0.8, "reinforced-concrete": 0.8, "concrete-block": 0.8, "cement-render": 0.8, limestone: 0.8 },
}
/** Of stone's and brick's solid, kg/m³. */
const SOLID = 2650

/**
 * Water from which on frost breaks a stuff, kg/m³; null where that is not known.
 * @param id of the catalogue @param density kg/m³, dry
 */
export function frostLimit(id: string, density: number): number | null {
  const critical = CRITICAL[id]
  return critical === undefined ? null : critical * 1000 * Math.max(0, 1 - density / SOLID)
}
