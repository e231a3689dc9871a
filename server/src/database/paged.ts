/** Rows read at once: few enough to be in memory, many enough to be quick. */
export const PAGE = 500;

/**
 * Rows page by page, each page read by what stands after the last row of the one before. Between
 * pages nothing is held, however long whoever reads them takes.
 */
export async function* paged<Row>(
  pageAfter: (last: Row | undefined) => Promise<readonly Row[]>,
): AsyncGenerator<Row> {
  let last: Row | undefined;
  for (;;) {
    const rows = await pageAfter(last);
    yield* rows;
    if (rows.length < PAGE) return;
    last = rows.at(-1);
  }
}
