import type { BoardEvent, Ending, LiveSession, Present } from '@sleetcrest/contract/table';
import type { Notice } from '../database/notices.js';
import type { Followed } from './queries.js';
import { lineOf, type Stream } from './stream.js';

/** What a hub asks the database, once for all who follow. */
export interface Asking {
  session(live: string): Promise<LiveSession | undefined>;
  present(live: string): Promise<Present[]>;
  presentOne(live: string, account: string): Promise<Present | undefined>;
}

/** Of others their times, not their cube or their hand. */
const masked = (one: Present): Present => ({
  ...one,
  here: one.here && { ...one.here, cube: null, hand: false },
  handAt: null,
});

/**
 * All who follow one session through this process. Each thing that happens is asked for and written once, and
 * told in the order in which it happened: to boards of everybody, to whoever sits there of themselves and, where
 * the coach says so, of others' times.
 */
export class Hub {
  readonly streams = new Set<Stream>();
  /** Pages that follow, or are about to. */
  pages = 0;
  private last: Promise<void> = Promise.resolve();
  private showsTimes = false;

  constructor(
    private readonly live: string,
    private readonly asking: Asking,
  ) {}

  /**
   * Tells a page what there is, and from then on what happens. What there is, is asked for between two things
   * that happen, so that neither is told twice nor missed.
   */
  async join(stream: Stream, followed: () => Promise<Followed>, begin: () => void): Promise<void> {
    await this.inOrder(async () => {
      const { session, own } = await followed();
      const needsAll = stream.isBoard || session.showsTimes;
      const all = needsAll ? await this.asking.present(this.live) : own ? [own] : [];
      begin();
      this.showsTimes = session.showsTimes;
      stream.joined = session.joined;
      this.streams.add(stream);
      stream.send(this.sessionLine(session, stream));
      this.everybody(stream, all);
    });
  }

  hear(notice: Exclude<Notice, { of: 'rights' }> | { of: 'all' }): void {
    void this.inOrder(() => this.heard(notice)).catch(() => {
      // What cannot be told is asked for again when the pages come back.
      for (const stream of this.streams) stream.end();
    });
  }

  /** Ends what a page follows, with the word that tells why. */
  close(stream: Stream, why: Ending): void {
    if (!this.streams.delete(stream)) return;
    stream.send(lineOf(stream.readsLoosely ? { is: 'over', why } : { is: 'over' }));
    stream.end();
  }

  private inOrder(work: () => Promise<void>): Promise<void> {
    const next = this.last.then(work);
    this.last = next.catch(() => undefined);
    return next;
  }

  private async heard(notice: Exclude<Notice, { of: 'rights' }> | { of: 'all' }): Promise<void> {
    if (notice.of === 'over') for (const stream of this.streams) this.close(stream, notice.why);
    else if (notice.of === 'one')
      await this.one(notice.who, notice.event as BoardEvent | undefined);
    else await this.session(notice.of === 'all');
  }

  private async session(all: boolean): Promise<void> {
    const session = await this.asking.session(this.live);
    if (!session) {
      for (const stream of this.streams) this.close(stream, 'ended');
      return;
    }
    const changed = this.showsTimes !== session.showsTimes;
    this.showsTimes = session.showsTimes;
    // A line for each who is told the same.
    const lines = new Map<string, string>();
    for (const stream of this.streams) {
      const key = `${stream.isBoard} ${stream.joined}`;
      let line = lines.get(key);
      if (!line) lines.set(key, (line = this.sessionLine(session, stream)));
      stream.send(line);
    }
    if (!all && !changed) return;
    const present = await this.asking.present(this.live);
    for (const stream of this.streams) if (all || !stream.isBoard) this.everybody(stream, present);
  }

  private sessionLine(session: LiveSession, { isBoard, joined }: Stream): string {
    const code = isBoard ? session.code : null;
    return lineOf({ is: 'session', session: { ...session, code, joined } });
  }

  /** A board is told of all; whoever sits of themselves alone, and of others' times where the coach says so. */
  private everybody(stream: Stream, all: readonly Present[]): void {
    const { account, isBoard } = stream;
    const present = isBoard
      ? all
      : all
          .filter((one) => this.showsTimes || one.id === account)
          .map((one) => (one.id === account ? one : masked(one)));
    stream.send(lineOf({ is: 'all', now: new Date().toISOString(), present }));
  }

  private async one(who: string, told: BoardEvent | undefined): Promise<void> {
    let event = told;
    if (!event) {
      const present = await this.asking.presentOne(this.live, who);
      event = present ? { is: 'one', present } : { is: 'left', id: who };
    }
    const whole = lineOf(event);
    const toOthers =
      event.is === 'one' ? lineOf({ ...event, present: masked(event.present) }) : whole;
    for (const stream of this.streams) {
      if (stream.isBoard || stream.account === who) stream.send(whole);
      else if (this.showsTimes) stream.send(toOthers);
    }
  }
}
