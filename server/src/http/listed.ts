import { Readable } from 'node:stream';
import type { Response } from 'express';
import { asList } from '../database/pages.js';
import { streamed } from './streamed.js';

/** Answers with a whole list, however long: a page at a time, with few in memory. What fails first is refused. */
export async function listed(
  response: Response,
  pages: AsyncGenerator<readonly unknown[]>,
): Promise<void> {
  // What may not be asked, or cannot be, is said before the first byte.
  const first = await pages.next();
  async function* all(): AsyncGenerator<readonly unknown[]> {
    if (first.done) return;
    yield first.value;
    yield* pages;
  }
  response.type('application/json');
  await streamed(
    response,
    Readable.from(asList(all(), '{"items":[', '\n]}\n'), { objectMode: false }),
  );
}
