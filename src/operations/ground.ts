import { slabOnGround } from "../core/ground/slab"
import { GroundInput, GroundOutput } from "../schema/ground"
import { operation } from "./operation"

/** A slab on the ground: `npm run calc ground`. */
export const ground = operation({ name: "ground", summary: "slab on ground", input: GroundInput, output: GroundOutput, run: slabOnGround })
