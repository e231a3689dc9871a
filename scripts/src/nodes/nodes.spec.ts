import { nodes } from './run.js';

describe('several processes on one database', () => {
  it('lose, double and believe nothing while each is killed and comes back', async () => {
    const found = await nodes({ nodes: 3, clients: 8, kills: 6, seed: 5 });
    expect(found.examples).toEqual([]);
    expect(found.faults).toEqual({
      lost: 0,
      doubled: 0,
      otherServerErrors: 0,
      wrongAnswers: 0,
      believedAfterEnd: 0,
    });
    // All of it was at work.
    const { recorded, logsRead, groupsJoined, phrasesChanged, believedBeforeEnd } = found;
    for (const count of [recorded, logsRead, groupsJoined, phrasesChanged, believedBeforeEnd])
      expect(count).toBeGreaterThan(10);
  }, 180_000);
});
