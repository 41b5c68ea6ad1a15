import type { ReactNode } from "react"
import { CalculationsRoot } from "../../ui/calculations/calculations-root"

export default function Layout({ children }: { children: ReactNode }) {
  return <CalculationsRoot>{children}</CalculationsRoot>
}
