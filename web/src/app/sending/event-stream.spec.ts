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
  let stop: () => void;
  const source = (): FakeSource => FakeSource.all.at(-1)!;

  beforeEach(() => {
    jasmine.clock().install();
    FakeSource.all = [];
    window.EventSource = FakeSource as never;
    [heard, behind, gone] = [[], [], 0];
    stop = followSession(
      '/api/live/x/board',
      ({ is }) => heard.push(is),
      (isBehind) => behind.push(isBehind),
      () => gone++,
    ).close;
  });
  afterEach(() => {
    stop();
    jasmine.clock().uninstall();
    window.EventSource = real;
  });

  it('hears what is said, and nothing that the contract does not know', () => {
    source().say({ is: 'all', now: NOW, present: [] });
    source().onmessage?.({ data: '{"is":"nonsense"}' });
    source().say({ is: 'beat', now: NOW });
    expect(heard).toEqual(['all', 'beat']);
    expect(behind.at(-1)).toBeFalse();
  });

  it('says that it is behind when nothing is heard for long, and asks anew', () => {
    source().say({ is: 'beat', now: NOW });
    jasmine.clock().tick(11_000);
    expect(behind.at(-1)).toBeFalse();
    jasmine.clock().tick(2000);
    expect(behind.at(-1)).toBeTrue();
    expect(FakeSource.all.length).toBe(2);
    source().say({ is: 'beat', now: NOW });
    expect(behind.at(-1)).toBeFalse();
  });

  it('leaves it to the browser to come back where the connection was cut', () => {
    source().fail(false);
    jasmine.clock().tick(5000);
    expect(behind.at(-1)).toBeTrue();
    expect([FakeSource.all.length, gone]).toEqual([1, 0]);
  });

  it('tries again where it was refused, and gives up when it goes on', () => {
    for (let tries = 1; tries <= 3; tries++) {
      source().fail(true);
      expect(gone).toBe(0);
      jasmine.clock().tick(2000);
      expect(FakeSource.all.length).toBe(tries + 1);
    }
    source().fail(true);
    expect(gone).toBe(1);
  });

  it('is over once that is said, and hears no more', () => {
    source().say({ is: 'over' });
    expect(gone).toBe(1);
    jasmine.clock().tick(60_000);
    expect(FakeSource.all.length).toBe(1);
  });
});
