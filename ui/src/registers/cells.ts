/** A row of a file as our columns have it, each cell as it is typed. */
export type Cells = Record<string, string>;

/** The cells of a row, by which column of the file is which of ours. */
export function cellsOf(row: readonly string[], map: Record<string, number>): Cells {
  return Object.fromEntries(
    Object.entries(map).map(([column, place]) => [column, row[place] ?? '']),
  );
}
