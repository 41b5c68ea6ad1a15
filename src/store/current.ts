import { openStore, type Store, storeFile } from "./open"

const holder = globalThis as { pelzhausStore?: Store }

/** The one open store of this process; kept on the global object so that reloads in development do not open another. */
export function store(): Store {
  return (holder.pelzhausStore ??= openStore(storeFile()))
}

export function closeStore(): void {
  holder.pelzhausStore?.close()
  delete holder.pelzhausStore
}
