/**
 * In the page: from the next event of a kind to the frame after the ledger's figure has changed, ms.
 * @param kind of the event, and the key where it is one that the page is to press itself
 * @returns what to wait for, once this listens: an event that is sent before that may overtake it
 */
export function ledgerPainted({ kind, key }: { kind: string; key?: string }): { painted: Promise<number> } {
  const figure = document.querySelector("[data-figure=loss]")!
  const painted = new Promise<number>((resolve) => {
    let start = 0
    document.addEventListener(kind, () => (start = performance.now()), { capture: true, once: true })
    const observer = new MutationObserver(() => {
      observer.disconnect()
      requestAnimationFrame(() => {
        const after = new MessageChannel()
        after.port1.onmessage = () => resolve(performance.now() - start)
        after.port2.postMessage(null)
      })
    })
    observer.observe(figure, { attributes: true, subtree: true, characterData: true, childList: true })
    if (key !== undefined) document.body.dispatchEvent(new KeyboardEvent(kind, { key, bubbles: true }))
  })
  return { painted }
}
