import type { ButtonHTMLAttributes } from "react"

type Look = "plain" | "strong" | "link" | "danger"

const LOOKS: Record<Look, string> = {
  plain: "border border-seam bg-sheet px-2.5 py-1 hover:border-graphite",
  strong: "border border-spruce bg-spruce px-3 py-1 text-on-spruce hover:opacity-90",
  link: "text-spruce underline underline-offset-2 hover:no-underline",
  danger: "border border-clay bg-sheet px-2.5 py-1 text-clay",
}

/** The one button; `link` for what goes somewhere or is said in passing. */
export function Button({ look = "plain", className = "", ...rest }: ButtonHTMLAttributes<HTMLButtonElement> & { look?: Look }) {
  return (
    <button type="button" className={`moves rounded-soft whitespace-nowrap disabled:opacity-45 ${LOOKS[look]} ${className}`} {...rest} />
  )
}

/** A button that shows a picture only; its name is what it does. */
export function IconButton({ name, className = "", ...rest }: ButtonHTMLAttributes<HTMLButtonElement> & { name: string }) {
  return (
    <button
      type="button"
      aria-label={name}
      title={name}
      className={`grid size-8 place-items-center rounded-soft hover:bg-chosen disabled:opacity-40 ${className}`}
      {...rest}
    />
  )
}
