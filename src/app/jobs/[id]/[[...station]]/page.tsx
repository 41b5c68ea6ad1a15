import type { Metadata } from "next"
import { notFound } from "next/navigation"
import { store } from "../../../../store/current"
import { openJob } from "../../../../store/revisions"
import { Workbench } from "../../../../ui/bench/workbench"

interface Props {
  params: Promise<{ id: string }>
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const job = openJob(store(), (await params).id)
  return { title: job ? `${job.document.name} · Pelzhaus` : "Pelzhaus" }
}

export default async function Page({ params }: Props) {
  const job = openJob(store(), (await params).id)
  if (!job) notFound()
  return <Workbench open={job} />
}
