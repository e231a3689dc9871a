import { crash } from './run.js';

describe('records of solves', () => {
  it('are neither lost nor doubled when server and database are killed or stand still', async () => {
    const plan = {
      clients: 8,
      serverKills: 6,
      databaseKills: 2,
      freezes: 1,
      frozenFor: 5000,
      seed: 7,
    };
    const { answered, retries, ...rest } = await crash(plan);
    const { lost, doubled, refused, hung } = rest;
    expect({ lost, doubled, refused, hung }).toEqual({ lost: 0, doubled: 0, refused: 0, hung: 0 });
    // It was at work all the while, and was cut off in the middle of it.
    expect(answered).toBeGreaterThan(100);
    expect(retries).toBeGreaterThan(0);
  }, 180_000);
});
