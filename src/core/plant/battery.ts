/** A battery, what charges it beside the panel, and what stands between it and what is used. */
export interface Supply {
  /** J that can be drawn from the full battery */
  battery: number
  /** W; 0: there is none */
  generator: number
  /** Share of what is drawn that comes out of the inverter. */
  inverter: number
}

/** A step of a supply, J: what was made and used, what the generator gave, what found no room in the battery, and what was missing. */
export interface SupplyStep {
  made: number
  used: number
  generated: number
  spilled: number
  missing: number
  /** In the battery at its end. */
  left: number
  /** s that the generator ran */
  running: number
}

/** Share of what goes into a battery that can be drawn from it again. */
const CHARGING = 0.95
/** What a generator has charged a battery to before it stops. */
const CHARGED = 0.8

/**
 * One step of a battery that a panel charges and that a generator helps once it is empty, until it is charged well.
 * @param state J in it, and whether the generator runs
 * @param made W of the panel
 * @param used W behind the inverter
 * @param step s
 */
export function supplyStep(
  { battery, generator, inverter }: Supply,
  state: { left: number; runs: boolean },
  made: number,
  used: number,
  step: number,
): SupplyStep & { runs: boolean } {
  const drawn = (used * step) / inverter
  const direct = Math.min(made * step, drawn)
  const surplus = made * step - direct
  const needed = drawn - direct
  const runs = generator > 0 && (state.runs || state.left < needed)
  const generated = runs ? generator * step : 0
  const byGenerator = Math.min(generated, needed)
  const fromBattery = Math.min(state.left, needed - byGenerator)
  const charge = CHARGING * (surplus + generated - byGenerator)
  const full = state.left - fromBattery + charge
  const left = Math.min(battery, full)
  return {
    made: made * step,
    used: used * step,
    generated,
    spilled: (full - left) / CHARGING,
    missing: (needed - byGenerator - fromBattery) * inverter,
    left,
    running: runs ? step : 0,
    runs: runs && left < CHARGED * battery,
  }
}

/** A supply step by step; it begins full. @param made, used W of each step */
export function supplyHours(supply: Supply, made: ArrayLike<number>, used: ArrayLike<number>, step: number): SupplyStep[] {
  let state = { left: supply.battery, runs: false }
  return Array.from(made, (power, k) => {
    const done = supplyStep(supply, state, power, used[k]!, step)
    state = done
    return done
  })
}

/** How long a full battery lasts without sun, s; null where nothing is used. @param mean W behind the inverter */
export const autonomy = ({ battery, inverter }: Pick<Supply, "battery" | "inverter">, mean: number): number | null =>
  mean > 0 ? (battery * inverter) / mean : null
