import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Response } from 'express';

/** What Node says of a stream whose reader has left, or was gone before it began. */
const LEFT = [
  'ERR_STREAM_PREMATURE_CLOSE',
  'ERR_STREAM_DESTROYED',
  'ERR_STREAM_UNABLE_TO_PIPE',
  'ERR_STREAM_WRITE_AFTER_END',
];

/** Each part of the way to the network listens for its end, more of them than Node thinks usual. */
const LISTENERS = 24;

/**
 * Sends a file, and is its only owner: when either end fails or leaves, both are ended. A reader who
 * leaves is no failure. One of ours cuts the connection, so that no short file looks whole.
 */
export async function streamed(response: Response, file: Readable): Promise<void> {
  response.setMaxListeners(LISTENERS);
  try {
    await pipeline(file, response);
  } catch (error) {
    if (!LEFT.includes((error as { code?: string }).code ?? '')) throw error;
  }
}
