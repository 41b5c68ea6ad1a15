import { slabOnGround } from "../core/ground/slab"
import { GroundInput, GroundOutput } from "../schema/ground"
import { operation } from "./operation"

export const ground = operation({ name: "ground", summary: "slab on ground", input: GroundInput, output: GroundOutput, run: slabOnGround })
