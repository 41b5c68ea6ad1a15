import { crossing } from "../numeric/crossing"
import type { Drive, HeatState, Plant, Stepper } from "./implicit-step"

/** A plant that holds the air at a temperature while it can, W; null: without an end. */
export interface Thermostat {
  setpoint: number
  capacity: number | null
}

/** No part of a step is longer, s: within it a thermostat that acts and rests again goes unseen. */
const LONGEST = 1800
/** As near as a thermostat holds, K, and as near as a plant's power is told, W. */
const [HOLDS, TOLD] = [1e-9, 1e-6]

/** How the plant works through a part of a step, and what ends that. */
interface Phase {
  plant: Plant
  ends: Edge[]
}

/** What ends a phase when it comes below 0. */
interface Edge {
  left: (state: HeatState) => number
  /** As near to 0 as is enough. */
  near: number
  /** The temperature that the air has then come to; null: it is held there anyway. */
  at: number | null
  /** How the plant works then, or where it should have from the start of this part; null: by what the air asks. */
  then: ((state: HeatState) => Phase) | null
}

/** A plant that gives nothing is none. */
const able = (thermostat: Thermostat | null): Thermostat | null => (thermostat?.capacity === 0 ? null : thermostat)

/** What a step came to: heat in J, given, taken, and come in by all other ways. */
interface Controlled {
  state: HeatState
  heating: number
  cooling: number
  heat: number
}

/** Goes through a step with its thermostats, from a state and driven so, s. */
export type Controller = (from: HeatState, drive: Drive, step: number) => Controlled

/**
 * An enclosure with its thermostats: the plant is ideal, and holds the air exactly while it can. The modes of a state that a step came to
 * are good until the step after the next.
 * @param capacity of the air and what goes with it, J/K
 */
export function controllerOf(
  stepper: Stepper,
  room: { heating: Thermostat | null; cooling: Thermostat | null },
  capacity: number,
): Controller {
  const rooms = [stepper.room(), stepper.room(), stepper.room()]
  const phases = phasesOf(stepper, able(room.heating), able(room.cooling))
  const { heating, cooling, most, least } = phases

  return (from, drive, step) => {
    const total: Controlled = { state: from, heating: 0, cooling: 0, heat: 0 }
    const add = (energy: number) => {
      if (energy > 0) total.heating += energy
      else total.cooling -= energy
    }
    /** Puts the air at a temperature, for what that takes. */
    const put = (temperature: number) => {
      add(capacity * (temperature - total.state.air))
      total.state = { air: temperature, modes: total.state.modes }
    }
    phases.drive(drive)
    let rest = step
    let phase: Phase | null = null
    // How often it was told anew at one moment how the plant works.
    let again = 0
    while (rest > 0) {
      if (heating && most === Infinity && total.state.air < heating.setpoint) put(heating.setpoint)
      if (cooling && least === -Infinity && total.state.air > cooling.setpoint) put(cooling.setpoint)
      const { state } = total
      const now: Phase = phase ?? phases.at(state)
      const { plant } = now
      let length = Math.min(rest, LONGEST)
      const [into, trial] = rooms.filter((one) => one !== state.modes) as [Float64Array, Float64Array]
      let gone = stepper.step(state, drive, plant, length, into)
      // Of several ends the first one counts.
      let ended: Edge | null = null
      for (let edge = endOf(now, gone.state); edge && edge !== ended; edge = endOf(now, gone.state)) {
        ended = edge
        const [before, after] = [edge.left(state), edge.left(gone.state)]
        if (before <= edge.near) break
        const { left, near } = edge
        length = crossing((part) => left(stepper.step(state, drive, plant, part, trial).state), before, length, after, near)
        gone = stepper.step(state, drive, plant, length, into)
      }
      // What begins at its very edge and goes beyond it was the wrong one of two.
      if (ended && ended.left(state) <= ended.near && again < 3) {
        again++
        phase = (ended.then ?? phases.held)(state)
        continue
      }
      again = 0
      add(gone.plant * length)
      total.heat += gone.heat
      total.state = gone.state
      rest = rest - length < 1e-9 * step ? 0 : rest - length
      if (ended && ended.at !== null) put(ended.at)
      phase = ended?.then ? ended.then(total.state) : null
    }
    return total
  }
}

/** All ways in which a plant can work, made once; what the air asks goes by what drives it now. */
function phasesOf(stepper: Stepper, heating: Thermostat | null, cooling: Thermostat | null) {
  let now: Drive | null = null
  const needed = (state: HeatState) => -stepper.heatToAir(state, now!)
  const most = heating?.capacity ?? Infinity
  const least = -(cooling?.capacity ?? Infinity)
  /** The air comes to a setpoint, from above it or from below. */
  const comesTo = ({ setpoint }: Thermostat, from: 1 | -1): Edge => ({
    left: ({ air }) => from * (air - setpoint),
    near: HOLDS,
    at: setpoint,
    then: null,
  })
  const free: Phase = {
    plant: { power: 0 },
    ends: [...(heating ? [comesTo(heating, 1)] : []), ...(cooling ? [comesTo(cooling, -1)] : [])],
  }
  const full = (power: number, thermostat: Thermostat | null): Phase => ({
    plant: { power },
    ends: thermostat ? [comesTo(thermostat, power > 0 ? -1 : 1)] : [],
  })
  const [heats, cools] = [full(most, heating), full(least, cooling)]
  /** Held between two powers: beyond them the plant does all it can, or rests. */
  const holding = (low: number, high: number): Phase => {
    const edge = (left: Edge["left"], then: Phase): Edge => ({ left, near: TOLD, at: null, then: () => then })
    return {
      plant: "held",
      ends: [
        edge((state) => needed(state) - low, low === 0 ? free : cools),
        edge((state) => high - needed(state), high === 0 ? free : heats),
      ],
    }
  }
  const [warm, cool, both] = [holding(0, most), holding(least, 0), holding(least, most)]
  /** At a setpoint, or at both where they are one. */
  const held = ({ air }: HeatState): Phase => {
    const atCooling = cooling && Math.abs(air - cooling.setpoint) <= HOLDS
    if (heating && Math.abs(air - heating.setpoint) <= HOLDS) return atCooling ? both : warm
    return cool
  }
  /** What the plant does at a state; an unlimited one has put the air where it is wanted before. */
  const at = (state: HeatState): Phase => {
    const under = heating ? heating.setpoint - state.air : -Infinity
    const over = cooling ? state.air - cooling.setpoint : -Infinity
    if (under > HOLDS) return heats
    if (over > HOLDS) return cools
    if (under < -HOLDS && over < -HOLDS) return free
    const power = needed(state)
    if (Math.abs(under) <= HOLDS && power > 0) return power > most ? heats : held(state)
    if (Math.abs(over) <= HOLDS && power < 0) return power < least ? cools : held(state)
    return free
  }
  return { heating, cooling, most, least, held, at, drive: (drive: Drive) => (now = drive) }
}

/** The end that a phase has come to at a state. */
const endOf = ({ ends }: Phase, state: HeatState): Edge | undefined => ends.find(({ left, near }) => left(state) < -near)
