"use client"
import { crossingOf } from "../../../core/assembly/crossing"
import type { SurfaceFigures } from "../../../core/enclosure/surface-figures"
import { endingSpacings } from "../../../core/shell/ending-spacing"
import { boundsOf } from "../../../core/shell/polygon"
import type { MemberSet } from "../../../schema/job/build-up"
import { Button } from "../../primitives/button"
import { FigureTable } from "../../primitives/figure-table"
import { Unfolding } from "../../primitives/unfolding"
import { useMaterials } from "../../materials/use-materials"
import { useWriting } from "../../writing/writing"

interface Props {
  figures: SurfaceFigures
  id: string
  set: MemberSet
  onTake: (spacing: number) => void
}

/** The spacings with which the run ends well on the chosen face, as a choice to take. */
export function SpacingChoice(props: Props) {
  const { length } = useWriting()
  const { right, high } = boundsOf(props.figures.face.outline)
  const run = props.set.direction === "up" ? right : high
  return <Unfolding words={`Which spacing ends well on ${length(run)}`}>{() => <Choices {...props} run={run} />}</Unfolding>
}

function Choices({ figures, id, set, onTake, run }: Props & { run: number }) {
  const { figure, length } = useWriting()
  const materials = useMaterials()
  // The boards that are nailed to the members: the first sheet inside them.
  const board =
    crossingOf(figures.layers, id)
      ?.inside.map(({ layer }) => materials[layer.material]!.sold)
      .find(({ form }) => form === "sheet")?.width ?? null
  const spacings = endingSpacings(run, set.width, board)
  return (
    <FigureTable
      caption="Spacings with which the run ends well"
      heads={["spacing", "members", "last bay", `boards of ${board === null ? "no set width" : length(board)}`, ""]}
      rows={spacings.map(({ spacing, members, lastBay, boardsLand, endsWell }) => ({
        key: spacing,
        look: endsWell ? "" : "text-graphite",
        cells: [
          figure("length", spacing),
          members,
          length(lastBay),
          boardsLand === null ? "–" : boardsLand ? "land on members" : "board ends miss a stud",
          <Button key="take" look="link" aria-label={`Take ${length(spacing)}`} onClick={() => onTake(spacing)}>
            take
          </Button>,
        ],
      }))}
    />
  )
}
