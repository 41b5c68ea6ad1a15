const TYPES = { csv: "text/csv", svg: "image/svg+xml", dxf: "image/vnd.dxf" }

/** Puts a text into a file on this machine. @param name letters, figures and spaces of it are kept */
export async function saveFile(name: string, kind: keyof typeof TYPES, text: () => string | Promise<string>): Promise<void> {
  const address = URL.createObjectURL(new Blob([await text()], { type: TYPES[kind] }))
  const link = document.createElement("a")
  link.href = address
  link.download = `${name.replace(/[^\p{L}\p{N} -]/gu, "").trim() || "list"}.${kind}`
  link.click()
  URL.revokeObjectURL(address)
}
