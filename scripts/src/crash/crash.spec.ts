import { crash } from './run.js';

describe('records of solves', () => {
  it('are neither lost nor doubled when server and database are killed', async () => {
    const plan = { clients: 20, serverKills: 8, databaseKills: 2, seed: 7 };
    const { answered, retries, lost, doubled, refused } = await crash(plan);
    expect({ lost, doubled, refused }).toEqual({ lost: 0, doubled: 0, refused: 0 });
    // It was at work all the while, and was cut off in the middle of it.
    expect(answered).toBeGreaterThan(100);
    expect(retries).toBeGreaterThan(0);
  }, 180_000);
});
