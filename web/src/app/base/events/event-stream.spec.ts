import type { BoardEvent } from '@sleetcrest/contract/table';
import { followSession } from './event-stream';

/** Stands for the browser's: told what to say. */
class FakeSource {
  static readonly CLOSED = 2;
  static all: FakeSource[] = [];
  readyState = 1;
  onmessage: ((event: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;

  constructor(readonly path: string) {
    FakeSource.all.push(this);
  }

  say(event: BoardEvent): void {
    this.onmessage?.({ data: JSON.stringify(event) });
  }

  fail(refused: boolean): void {
    this.readyState = refused ? FakeSource.CLOSED : 0;
    this.onerror?.();
  }

  close(): void {
    this.readyState = FakeSource.CLOSED;
  }
}

const NOW = '2026-11-26T18:00:00.000Z';

describe('following a session', () => {
  const real = window.EventSource;
  let heard: string[];
  let behind: boolean[];
  let gone: number;
  let words: (string | undefined)[];
  let status: number;
  const realFetch = window.fetch.bind(window);
  /** What is asked besides, is answered once all that waits has gone on. */
  const settled = async (): Promise<void> => {
    for (let k = 0; k < 10; k++) await Promise.resolve();
  };
  let stop: () => void;
  const source = (): FakeSource => FakeSource.all.at(-1)!;

  beforeEach(() => {
    jasmine.clock().install();
    FakeSource.all = [];
    window.EventSource = FakeSource as never;
    [heard, behind, gone, words, status] = [[], [], 0, [], 503];
    window.fetch = () =>
      status === 0
        ? Promise.reject(new TypeError('no network'))
        : Promise.resolve(new Response(null, { status }));
    stop = followSession(
      '/api/live/x/board',
      ({ is }) => heard.push(is),
      (isBehind) => behind.push(isBehind),
      (why) => {
        gone++;
        words.push(why);
      },
    ).close;
  });
  afterEach(() => {
    stop();
    jasmine.clock().uninstall();
    window.EventSource = real;
    window.fetch = realFetch;
  });

  it('hears what is said, and nothing that the contract does not know', () => {
    source().say({ is: 'all', now: NOW, present: [] });
    source().onmessage?.({ data: '{"is":"nonsense"}' });
    source().say({ is: 'beat', now: NOW });
    expect(heard).toEqual(['all', 'beat']);
    expect(behind.at(-1)).toBeFalse();
  });

  it('says that it is behind when nothing is heard for long, and asks anew until something is', () => {
    source().say({ is: 'beat', now: NOW });
    jasmine.clock().tick(9000);
    expect(behind.at(-1)).toBeFalse();
    jasmine.clock().tick(2000);
    expect(behind.at(-1)).toBeTrue();
    expect(FakeSource.all.length).toBe(2);
    // The new one says nothing either, as where the database stands still.
    jasmine.clock().tick(30_000);
    expect(FakeSource.all.length).toBe(5);
    expect([behind.at(-1), gone]).toEqual([true, 0]);
    source().say({ is: 'beat', now: NOW });
    expect(behind.at(-1)).toBeFalse();
  });

  it('leaves it to the browser to come back where the connection was cut', () => {
    source().fail(false);
    jasmine.clock().tick(5000);
    expect(behind.at(-1)).toBeTrue();
    expect([FakeSource.all.length, gone]).toEqual([1, 0]);
  });

  for (const passing of [0, 408, 429, 500, 502, 503, 504]) {
    it(`goes on for as long as it takes where it is refused with ${passing}`, async () => {
      status = passing;
      for (let tries = 1; tries <= 40; tries++) {
        source().fail(true);
        await settled();
        jasmine.clock().tick(5000);
        expect(FakeSource.all.length).toBeGreaterThan(tries);
      }
      expect([behind.at(-1), gone]).toEqual([true, 0]);
      source().say({ is: 'beat', now: NOW });
      expect(behind.at(-1)).toBeFalse();
    });
  }

  for (const refusal of [401, 403, 404]) {
    it(`gives up where this very page is refused with ${refusal}`, async () => {
      status = refusal;
      source().fail(true);
      await settled();
      expect(gone).toBe(1);
      expect(words).toEqual([refusal === 401 ? 'signed out' : undefined]);
    });
  }

  it('asks past the service worker', () => {
    expect(source().path).toBe('/api/live/x/board?x-sleetcrest-reads=loosely');
  });

  it('comes back at once when the browser is on the network again', () => {
    window.dispatchEvent(new Event('online'));
    expect(FakeSource.all.length).toBe(2);
  });

  it('is over once that is said, and hears no more', () => {
    source().say({ is: 'over', why: 'archived' });
    expect([gone, words]).toEqual([1, ['archived']]);
    jasmine.clock().tick(60_000);
    expect(FakeSource.all.length).toBe(1);
  });

  it('goes on where something goes wrong with what was heard, and tells that', () => {
    const told = spyOn(window, 'reportError');
    stop();
    stop = followSession(
      '/api/live/x/board',
      ({ is }) => {
        heard.push(is);
        if (heard.length === 1) throw new Error('a fault of the page');
      },
      () => undefined,
      () => gone++,
    ).close;
    source().say({ is: 'beat', now: NOW });
    source().say({ is: 'beat', now: NOW });
    expect([heard.length, gone, told.calls.count()]).toEqual([2, 0, 1]);
  });
});
