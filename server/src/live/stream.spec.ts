import type { Response } from 'express';
import { dropped, Stream } from './stream.js';

describe('a page that follows a session', () => {
  it('is dropped once a megabyte waits that it does not take, and the bytes are counted', () => {
    const written: string[] = [];
    let isDestroyed = false;
    const response = {
      writableEnded: false,
      get destroyed() {
        return isDestroyed;
      },
      get writableLength() {
        return written.reduce((sum, line) => sum + line.length, 0);
      },
      write: (line: string) => written.push(line),
      destroy: () => (isDestroyed = true),
    };
    const who = { account: 'a', live: 'b', tokenHash: Buffer.alloc(0), isBoard: true };
    const stream = new Stream(who, true, response as unknown as Response);
    const before = { ...dropped };
    const line = 'x'.repeat(100_000);
    for (let k = 0; k < 20; k++) stream.send(line);
    // The eleventh still fits beside a million; what comes after is not written any more.
    expect([written.length, isDestroyed]).toEqual([11, true]);
    expect(dropped.readers - before.readers).toBe(1);
    expect(dropped.bytes - before.bytes).toBe(1_100_000);
  });
});
