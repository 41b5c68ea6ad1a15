import "../ui/tokens.css"
import type { Metadata } from "next"
import { cookies } from "next/headers"
import { connection } from "next/server"
import type { ReactNode } from "react"
import { Toasts } from "../ui/primitives/toast"

export const metadata: Metadata = { title: "Pelzhaus", description: "A workbench for people who insulate small enclosures." }

export default async function Layout({ children }: { children: ReactNode }) {
  // Rendered for each request: the content security policy's nonce is a new one each time.
  await connection()
  const theme = (await cookies()).get("theme")?.value
  return (
    <html lang="en" data-theme={theme === "light" || theme === "dark" ? theme : undefined} suppressHydrationWarning>
      <body>
        {children}
        <Toasts />
      </body>
    </html>
  )
}
