"use client"
import { crossingOf } from "../../../core/assembly/crossing"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { endingSpacings } from "../../../core/shell/ending-spacing"
import { boundsOf } from "../../../core/shell/polygon"
import type { MemberSet } from "../../../schema/job/build-up"
import { Button } from "../../primitives/button"
import { Unfolding } from "../../primitives/unfolding"
import { useWriting } from "../../writing/writing"

interface Props {
  figures: SurfaceFigures
  id: string
  set: MemberSet
  onTake: (spacing: number) => void
}

/** The spacings with which the run ends well on the chosen face, as a choice to take. */
export function SpacingChoice(props: Props) {
  const { write } = useWriting()
  const { right, high } = boundsOf(props.figures.face.outline)
  const run = props.set.direction === "up" ? right : high
  return <Unfolding words={`Which spacing ends well on ${write("length", run)}`}>{() => <Choices {...props} run={run} />}</Unfolding>
}

function Choices({ figures, id, set, onTake, run }: Props & { run: number }) {
  const { figure, write } = useWriting()
  // The boards that are nailed to the members: the first sheet inside them.
  const board = crossingOf(figures.layers, id)?.inside.find(({ material }) => material.sold.form === "sheet")?.material.sold.width ?? null
  const spacings = endingSpacings(run, set.width, board)
  const length = (value: number) => write("length", value)
  return (
    <table className="mt-1 w-full text-dense">
      <thead className="text-graphite">
        <tr className="border-b border-seam">
          <th className="py-1 text-left font-normal">spacing</th>
          <th className="text-right font-normal">members</th>
          <th className="text-right font-normal">last bay</th>
          <th className="pl-4 text-left font-normal">boards of {board === null ? "no set width" : length(board)}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {spacings.map((choice) => (
          <tr key={choice.spacing} className={choice.endsWell ? "" : "text-graphite"}>
            <td className="py-0.5">{figure("length", choice.spacing)}</td>
            <td className="text-right">{choice.members}</td>
            <td className="text-right">{length(choice.lastBay)}</td>
            <td className="pl-4">{choice.boardsLand === null ? "–" : choice.boardsLand ? "land on members" : "end in the air"}</td>
            <td className="text-right">
              <Button look="link" aria-label={`Take ${length(choice.spacing)}`} onClick={() => onTake(choice.spacing)}>
                take
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
