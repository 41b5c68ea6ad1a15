/** Why something was not done, in words; nothing where it was. */
export function Refusal({ children }: { children: string | null }) {
  if (!children) return null
  return (
    <p role="alert" className="text-clay">
      {children}
    </p>
  )
}
