import type { Page } from "@playwright/test"

/** Everything that a page says: what is written on it, names for screen readers, hints, and what stands in fields. */
export function everyText(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const said: string[] = document.body.innerText.split("\n")
    for (const element of document.body.querySelectorAll("*")) {
      if (element.closest("script, style")) continue
      for (const node of element.childNodes) if (node.nodeType === Node.TEXT_NODE) said.push(node.textContent ?? "")
      for (const name of ["aria-label", "aria-valuetext", "title", "placeholder"]) said.push(element.getAttribute(name) ?? "")
      if (element instanceof HTMLInputElement) said.push(element.value)
    }
    return said.map((text) => text.replaceAll("\u00a0", " ").trim()).filter((text) => text !== "")
  })
}
