import { randomUUID } from 'node:crypto';
import { freePort } from '../ports.js';
import { overThrowaway, type Throwaway } from '../postgres/throwaway.js';
import { Page } from '../page.js';
import { WebServer } from '../web-server.js';

/** A server over a database, and a board that counts the signs of life it is told. */
async function board({ databaseUrl }: Throwaway) {
  const server = await WebServer.start({ databaseUrl, port: await freePort(), logLevel: 'silent' });
  const coach = new Page(() => server.address);
  const [group, live] = [randomUUID(), randomUUID()];
  await coach.right('POST', '/api/accounts', {
    name: 'Runa',
    phrase: 'three larches by the shore',
    role: 'coach',
  });
  await coach.right('POST', '/api/groups', { id: group, name: 'Thursday' });
  await coach.right('POST', `/api/groups/${group}/live`, { id: live });
  let beats = 0;
  let told = (): void => undefined;
  const away = new AbortController();
  const left = coach.follow(
    `/api/live/${live}/board`,
    ({ is }) => {
      if (is === 'beat') beats++;
      told();
    },
    away.signal,
  );
  return {
    server,
    beats: () => beats,
    until: async (count: number): Promise<void> => {
      while (beats < count) await new Promise<void>((resolve) => (told = resolve));
    },
    leave: async (): Promise<void> => {
      away.abort();
      await left;
    },
  };
}

describe('a database that stands still', () => {
  it(
    'is silence on a board, and stops no server from ending',
    () =>
      overThrowaway('still', (still) =>
        overThrowaway('going', async (going) => {
          const [one, other] = [await board(still), await board(going)];
          await Promise.all([one.until(1), other.until(1)]);
          still.cluster.freeze();
          try {
            // The other’s board is the clock: while it is told of life three times more, this one may be once at most.
            const [before, from] = [one.beats(), other.beats()];
            await other.until(from + 3);
            expect(one.beats() - before).toBeLessThan(2);
            await one.leave();
            await one.server.stop();
            expect(one.server.endedWell).toBeTrue();
          } finally {
            still.cluster.thaw();
            await one.leave();
            await other.leave();
            await one.server.stop();
            await other.server.stop();
          }
        }),
      ),
    120_000,
  );
});
