import { changed, eachState, mapped } from "./parts"

/**
 * In version 8 a material says by fields what rules go by: whether it burns, how it is put in place, what it is offered for. Before, that
 * was read from its words and from how it is sold.
 */
export const v7ToV8 = eachState(({ materials }) => ({ materials: mapped(materials, materialOf) }))

const APPLICATION: Record<string, string> = {
  sheet: "board",
  roll: "sheet",
  batt: "batt",
  bag: "loose",
  kit: "sprayed",
  length: "length",
  tin: "brushed",
  built: "built",
}

/** A material's own record with those fields. */
export const materialOf = (material: unknown) =>
  changed(material, (known) => ({
    ...known,
    fire: changed(known.fire, ({ reaction, ...fire }) => ({
      ...fire,
      reaction: typeof reaction === "string" ? reaction.replace("; cover it", "") : reaction,
      combustible: typeof reaction !== "string" || !reaction.startsWith("does not burn"),
    })),
    application: APPLICATION[String((known.sold as { form?: unknown } | undefined)?.form)] ?? "built",
    uses: [],
  }))
