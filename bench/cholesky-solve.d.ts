declare module "cholesky-solve" {
  /** Entries on and above the diagonal by row, column and value. */
  export function prepare(entries: [number, number, number][], size: number): (b: number[]) => number[]
}
