import { randomUUID } from 'node:crypto';
import { sessionSchema } from '@sleetcrest/contract/accounts';
import {
  liveListSchema,
  liveSessionSchema,
  type BoardEvent,
  type HereTold,
  type LiveSession,
  type Present,
} from '@sleetcrest/contract/table';
import { PHRASE, type TestApp, type Visitor } from '../app.spec-support.js';
import { AGroup } from '../groups/group.spec-support.js';

/** A page that follows a session: what it shows is made of what it was told. */
class Page {
  readonly present = new Map<string, Present>();
  session: LiveSession | undefined;
  over = false;
  private waiting: (() => void)[] = [];
  private stop: () => void = () => undefined;

  static async open(who: Visitor, path: string): Promise<Page> {
    const page = new Page();
    page.stop = await who.follow(path, (event) => page.hear(event));
    return page;
  }

  close(): void {
    this.stop();
  }

  /** Resolves as soon as what is shown is as it should be. */
  async until(right: (page: Page) => unknown): Promise<void> {
    while (!right(this)) await new Promise<void>((resolve) => this.waiting.push(resolve));
  }

  private hear(event: BoardEvent): void {
    if (event.is === 'all') {
      this.present.clear();
      for (const one of event.present) this.present.set(one.id, one);
    } else if (event.is === 'one') this.present.set(event.present.id, event.present);
    else if (event.is === 'left') this.present.delete(event.id);
    else if (event.is === 'session') this.session = event.session;
    else if (event.is === 'over') this.over = true;
    for (const go of this.waiting.splice(0)) go();
  }
}

const here = (change: Partial<HereTold> = {}): HereTold => ({
  doing: 'walk',
  title: 'First corners',
  at: 3,
  of: 40,
  forSeconds: 5,
  usualSeconds: 180,
  hand: false,
  cube: null,
  ...change,
});

describe('a session that is held', () => {
  let table: AGroup;
  let second: TestApp;
  let live: string;
  let pages: Page[];
  beforeEach(async () => {
    table = await AGroup.start('Amalie', 'Teo');
    second = await table.app.beside();
    pages = [];
    const begun = await table.coach.ask('POST', `${table.at}/live`, { id: randomUUID() });
    live = liveSessionSchema.parse(begun.body).id;
  });
  afterEach(async () => {
    for (const page of pages) page.close();
    await second.stop();
    await table.app.stop();
  });

  const follow = async (who: Visitor, what: 'board' | 'seat' = 'board'): Promise<Page> => {
    const page = await Page.open(who, `/api/live/${live}/${what}`);
    pages.push(page);
    return page;
  };
  const sit = (who: Visitor) => who.ask('POST', `${table.at}/live/join`, {});
  const tell = (who: Visitor, told: HereTold) => who.ask('PUT', `/api/live/${live}/here`, told);
  const session = async (who = table.coach) =>
    liveListSchema.parse((await who.ask('GET', '/api/live')).body).items[0];

  it('is one at a time for a group, with a code for those who teach alone', async () => {
    const again = await table.coach.ask('POST', `${table.at}/live`, { id: randomUUID() });
    expect(liveSessionSchema.parse(again.body).id).toBe(live);
    expect((await session())!.code).toMatch(/^\w{6}$/);
    expect((await session(table.learners[0]))!.code).toBeNull();
  });

  it('shows where each is on every board, whichever process told it and whichever shows it', async () => {
    const [amalie, teo] = [table.learners[0]!, table.learners[1]!.at(second)];
    await sit(amalie);
    const boards = [await follow(table.coach), await follow(table.coach.at(second))];
    await sit(teo);
    await tell(teo, here({ title: 'Daisy', at: 2 }));
    await tell(amalie, here({ at: 7 }));
    for (const board of boards) {
      await board.until(
        ({ present }) => present.size === 2 && [...present.values()].every((one) => one.here),
      );
      const all = [...board.present.values()].map((one) => [
        one.name,
        one.here!.title,
        one.here!.at,
      ]);
      expect(all.sort()).toEqual([
        ['Amalie', 'First corners', 7],
        ['Teo', 'Daisy', 2],
      ]);
    }
  });

  it('hears nothing more of who signed out elsewhere, or has got up', async () => {
    const amalie = table.learners[0]!;
    await sit(amalie);
    expect((await tell(amalie, here())).status).toBe(200);
    await amalie.at(second).ask('POST', '/api/account/sign-out-everywhere', {});
    expect((await tell(amalie, here({ at: 9 }))).status).toBe(401);
    const teo = table.learners[1]!;
    await sit(teo);
    expect((await tell(teo, here())).status).toBe(200);
    await teo.at(second).ask('DELETE', `/api/live/${live}/here`);
    expect((await tell(teo, here())).status).toBe(404);
    // Signed out everywhere, one's seat is gone too.
    const board = await follow(table.coach);
    await board.until(({ session: told }) => told);
    expect(board.present.size).toBe(0);
  });

  it('keeps a hand up from when it went up until it is seen, and tells whose it is', async () => {
    const [amalie] = table.learners;
    await sit(amalie!);
    await tell(amalie!, here({ hand: true }));
    await tell(amalie!, here({ hand: true, at: 4 }));
    // A board that is opened only now shows it.
    const board = await follow(table.coach.at(second));
    const id = table.accounts[0]!.id;
    await board.until(({ present }) => present.get(id)?.handAt);
    const seat = await follow(amalie!, 'seat');
    expect((await table.coach.ask('DELETE', `/api/live/${live}/hands/${id}`)).status).toBe(204);
    for (const page of [board, seat]) {
      await page.until(({ present }) => present.has(id) && present.get(id)!.handAt === null);
      expect(page.present.get(id)!.here!.hand).toBeFalse();
    }
  });

  it('tells a learner of nobody else, and what is put before all', async () => {
    const [amalie, teo] = table.learners as [Visitor, Visitor];
    await sit(amalie);
    await sit(teo);
    const seat = await follow(amalie.at(second), 'seat');
    await tell(teo, here());
    const offer = {
      id: randomUUID(),
      words: 'Look here',
      show: { what: 'case', case: 'daisy/middle-right' },
    };
    await table.coach.ask('PATCH', `/api/live/${live}`, { offer });
    await seat.until((page) => page.session?.offer);
    expect(seat.session!.offer).toEqual(offer as never);
    expect([...seat.present.keys()]).toEqual([table.accounts[0]!.id]);
    expect(seat.session!.code).toBeNull();
  });

  it('tells the times of others to learners only while the coach says so, and never a cube or a hand', async () => {
    const [amalie, teo] = table.learners as [Visitor, Visitor];
    await sit(amalie);
    await sit(teo);
    await tell(teo, here({ hand: true, title: 'Middle edges' }));
    const seat = await follow(amalie.at(second), 'seat');
    await seat.until(({ present }) => present.size === 1);
    const shows = (showsTimes: boolean) =>
      table.coach.ask('PATCH', `/api/live/${live}`, { showsTimes });
    await shows(true);
    const id = table.accounts[1]!.id;
    await seat.until(({ present }) => present.get(id)?.here?.title === 'Middle edges');
    expect([seat.present.get(id)!.handAt, seat.present.get(id)!.here!.hand]).toEqual([null, false]);
    await shows(false);
    await seat.until(({ present }) => !present.has(id));
  });

  it('tells also what is too long to be told in one piece', async () => {
    const board = await follow(table.coach.at(second));
    const [amalie] = table.learners;
    await sit(amalie!);
    const long = 'ü'.repeat(120);
    await tell(amalie!, here({ title: long }));
    await board.until(({ present }) => [...present.values()][0]?.here?.title === long);
    const method = {
      format: 'sleetcrest/method@1',
      id: 'mine',
      title: 'ä'.repeat(120),
      approaches: Array.from({ length: 20 }, (_, k) => `${'a'.repeat(50)}-${k}`),
    };
    const { cube } = { cube: COLOURED };
    const show = { what: 'cube', cube, method, firstColour: 'white' };
    await table.coach.ask('PATCH', `/api/live/${live}`, {
      offer: { id: randomUUID(), words: long, show },
    });
    await board.until((page) => page.session?.offer);
    expect(board.session!.offer!.words).toBe(long);
  });

  it('is followed on so many pages by one person, and no more', async () => {
    const statuses: number[] = [];
    for (let k = 0; k < 13; k++) {
      try {
        await follow(table.coach);
        statuses.push(200);
      } catch (error) {
        statuses.push(Number(/\d+$/.exec((error as Error).message)?.[0]));
      }
    }
    expect(statuses).toEqual([...Array.from({ length: 12 }, () => 200), 429]);
    pages.shift()!.close();
    // The place is free as soon as the server has seen it go.
    for (let open = false; !open;) {
      open = await follow(table.coach).then(
        () => true,
        () => false,
      );
    }
    expect(pages.length).toBe(12);
  });

  it('goes on when the connection to the database is cut, with nothing missed', async () => {
    const [amalie] = table.learners;
    await sit(amalie!);
    const board = await follow(table.coach);
    await table.app.database.sequelize.query(
      `SELECT pg_terminate_backend(pid) FROM pg_stat_activity
       WHERE application_name = 'sleetcrest live' AND datname = current_database()`,
    );
    await tell(amalie!, here({ hand: true }));
    await board.until(({ present }) => [...present.values()][0]?.handAt);
    expect(board.over).toBeFalse();
  });

  it('lets guests sit down by the code on the board, who are gone with it unless they sign up', async () => {
    const code = (await session())!.code!;
    const [guest, claims] = [table.app.somebody(), second.somebody()];
    const join = (who: Visitor, nickname: string | null, given = code) =>
      who.ask('POST', '/api/live/join', { code: given, nickname });
    expect((await join(guest, null)).status).toBe(422);
    expect((await join(guest, 'Pia', 'AAAAAA')).status).toBe(404);
    expect((await join(guest, 'Pia')).status).toBe(200);
    expect((await join(claims, 'Jon')).status).toBe(200);
    const board = await follow(table.coach);
    await board.until(({ present }) => present.size === 2);
    expect([...board.present.values()].map(({ name, guest: is }) => [name, is])).toEqual([
      ['Jon', true],
      ['Pia', true],
    ]);
    const signed = await claims.ask('POST', '/api/accounts', {
      name: 'Jonas',
      phrase: PHRASE,
      role: 'learner',
    });
    expect(sessionSchema.parse(signed.body).account!.name).toBe('Jonas');
    expect((await tell(claims, here())).status).toBe(200);
    await board.until(({ present }) => [...present.values()].some(({ name }) => name === 'Jonas'));
    expect((await table.coach.ask('DELETE', `/api/live/${live}`)).status).toBe(204);
    await board.until(({ over }) => over);
    const [left] = await table.app.database.sequelize.query(
      `SELECT name FROM accounts WHERE role = 'guest' OR name = 'Jonas'`,
    );
    expect(left).toEqual([{ name: 'Jonas' }]);
    expect((await tell(claims, here())).status).toBe(404);
  });

  it('lets no guest be called what somebody here is called, however it is written', async () => {
    const { code } = (await session())!;
    const join = (nickname: string) =>
      table.app.somebody().ask('POST', '/api/live/join', { code, nickname });
    expect((await join('Åse')).status).toBe(200);
    for (const taken of ['amalie', 'TEO ', 'åse', 'Runa'])
      expect((await join(taken)).status)
        .withContext(taken)
        .toBe(409);
  });

  it('is never begun under the id of another group’s', async () => {
    const nils = table.app.somebody();
    await nils.signUp('Nils', 'coach');
    const group = randomUUID();
    await nils.ask('POST', '/api/groups', { id: group, name: 'Elsewhere' });
    expect((await nils.ask('POST', `/api/groups/${group}/live`, { id: live })).status).toBe(409);
    expect((await session())!.id).toBe(live);
  });

  it('forgets who gets up, and everything at its end', async () => {
    const [amalie] = table.learners;
    await sit(amalie!);
    const board = await follow(table.coach.at(second));
    await board.until(({ present }) => present.size === 1);
    await amalie!.ask('DELETE', `/api/live/${live}/here`);
    await board.until(({ present }) => present.size === 0);
    await table.coach.ask('DELETE', `/api/live/${live}`);
    const counts = await table.app.database.sequelize.query(
      'SELECT (SELECT count(*) FROM live_sessions) + (SELECT count(*) FROM live_presence) AS rows',
    );
    expect(counts[0]).toEqual([{ rows: '0' }]);
  });
});

const side = (colour: string): string[] => Array.from({ length: 9 }, () => colour);
const COLOURED = {
  format: 'sleetcrest/cube@1',
  faces: Object.fromEntries(
    ['white', 'red', 'green', 'yellow', 'orange', 'blue'].map((colour) => [colour, side(colour)]),
  ),
};
