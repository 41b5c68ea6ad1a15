import type { Metadata } from "next"
import { cache } from "react"
import { notFound } from "next/navigation"
import { store } from "../../../../store/current"
import { openJob } from "../../../../store/revisions"
import { Workbench } from "../../../../ui/bench/workbench"
import { fromStore } from "../../../from-store"

interface Props {
  params: Promise<{ id: string }>
}

/** Read once for both the page and its title. */
const opened = cache((id: string) => openJob(store(), id))

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { id } = await params
  try {
    const job = opened(id)
    return job ? { title: `${job.document.name} · Pelzhaus` } : {}
  } catch {
    // The page says what is wrong.
    return {}
  }
}

export default async function Page({ params }: Props) {
  const { id } = await params
  return fromStore(() => {
    const job = opened(id)
    if (!job) notFound()
    return <Workbench open={job} />
  })
}
