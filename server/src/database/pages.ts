/** Rows read at once: few enough to be in memory, many enough to be quick. */
export const PAGE = 500;

/**
 * Rows page by page, each page read by what stands after the last row of the one before. Between
 * pages nothing is held, however long whoever reads them takes.
 */
export async function* pages<Row>(
  pageAfter: (last: Row | undefined) => Promise<Row[]>,
): AsyncGenerator<Row[]> {
  let last: Row | undefined;
  for (;;) {
    const rows = await pageAfter(last);
    if (rows.length > 0) yield rows;
    if (rows.length < PAGE) return;
    last = rows.at(-1);
  }
}

/** The items of pages as one JSON list between two texts, a page in one piece. */
export async function* asList(
  pagesOfItems: AsyncIterable<readonly unknown[]>,
  before: string,
  after: string,
): AsyncGenerator<string> {
  let between = '\n';
  yield before;
  for await (const items of pagesOfItems) {
    if (items.length === 0) continue;
    yield between + items.map((item) => JSON.stringify(item)).join(',\n');
    between = ',\n';
  }
  yield after;
}
