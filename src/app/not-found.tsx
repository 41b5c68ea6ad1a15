import Link from "next/link"

export default function NotFound() {
  return (
    <main className="p-10">
      <h1 className="font-display text-[22px] font-bold">This job is not on the shelf.</h1>
      <p className="mt-2">
        It may have been deleted, or the address is wrong.{" "}
        <Link href="/" className="text-spruce underline">
          Go to the shelf
        </Link>
      </p>
    </main>
  )
}
