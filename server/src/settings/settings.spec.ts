import { randomUUID } from 'node:crypto';
import { settingsSchema } from '@sleetcrest/contract';
import { methodById } from '@sleetcrest/core';
import { TestApp, type Visitor } from '../app.spec-support.js';

describe('the settings of an account', () => {
  let app: TestApp;
  let visitor: Visitor;
  beforeEach(async () => {
    app = await TestApp.start();
    visitor = app.somebody();
    await visitor.signUp('Amalie');
  });
  afterEach(() => app.stop());

  const read = async () =>
    settingsSchema.parse((await visitor.ask('GET', '/api/settings')).body).settings;
  const change = (settings: object, minutesAgo: number) =>
    visitor.ask('PATCH', '/api/settings', {
      settings,
      told: { id: randomUUID(), at: new Date(Date.now() - minutesAgo * 60_000).toISOString() },
    });

  it('are none at first, and then those that were changed', async () => {
    expect(await read()).toEqual({});
    await change({ letters: true, dialect: 'words' }, 2);
    expect(await read()).toEqual({ letters: true, dialect: 'words' });
  });

  it('are each what was told of them last, whichever came first', async () => {
    await change({ letters: true, theme: 'night' }, 5);
    await change({ letters: false, firstColour: 'yellow' }, 9);
    expect(await read()).toEqual({ letters: true, theme: 'night', firstColour: 'yellow' });
    await change({ letters: false }, 1);
    expect((await read()).letters).toBeFalse();
  });

  it('come with the words of one’s coaches, of the method each of them uses', async () => {
    const taught = async () =>
      settingsSchema.parse((await visitor.ask('GET', '/api/settings')).body).taught;
    expect(await taught()).toEqual([]);
    const coach = app.somebody();
    await coach.signUp('Runa', 'coach');
    const group = await coach.ask('POST', '/api/groups', { id: randomUUID(), name: 'Thursday' });
    await visitor.ask('POST', '/api/groups/join', { code: (group.body as { code: string }).code });
    const sayings = [
      { sequence: "R U R' U'", name: 'The kettle', words: [{ turns: 4, says: 'make tea' }] },
    ];
    const method = { ...methodById('gentle')!, id: 'mine', title: 'Mine', sayings };
    await coach.ask('PATCH', '/api/settings', {
      settings: { method },
      told: { id: randomUUID(), at: new Date().toISOString() },
    });
    expect(await taught()).toEqual(sayings);
    // A coach is not taught by the group, and who belongs to no group hears nobody's words.
    const others = [coach, app.somebody()];
    await others[1]!.signUp('Teo');
    for (const other of others) {
      const { body } = await other.ask('GET', '/api/settings');
      expect(settingsSchema.parse(body).taught).toEqual([]);
    }
  });

  it('are refused whole where one is wrong', async () => {
    expect((await change({ letters: true, theme: 'dusk' }, 1)).status).toBe(422);
    expect((await change({ sound: 'loud' }, 1)).status).toBe(422);
    expect(await read()).toEqual({});
    expect((await app.somebody().ask('GET', '/api/settings')).status).toBe(401);
  });
});
