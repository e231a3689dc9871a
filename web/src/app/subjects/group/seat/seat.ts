import { effect, inject, Injectable, signal, untracked } from '@angular/core';
import type {
  BoardEvent,
  Ending,
  HereTold,
  LiveSession,
  Offer,
  Present,
} from '@sleetcrest/contract/table';
import { SIGN_OF_LIFE } from '@sleetcrest/core/group/board';
import { Whereabouts, type Where } from '../here/whereabouts';
import { followSession, type Following } from '../../../base/events/event-stream';
import { isRefused } from '../../../base/api/failure';
import { TableApi } from '../table-api';
import { Notices } from '../../../base/dialogs/notices';
import {
  forgetSeat,
  handRemembered,
  rememberHand,
  rememberSeat,
  seatRemembered,
} from './remembered-seat';
import { ENDING_WORDS } from './ending-words';
import { UsualSteps } from './usual-steps';

/** Milliseconds within which what changes is told once. */
const GATHERED = 600;
const AGAIN = 2000;

const sameStep = (a: Where, b: Where): boolean =>
  a.doing === b.doing && a.title === b.title && a.at === b.at;

/** One's seat at a table that meets now: tells where one is, holds the hand up, and hears what is shown. */
@Injectable({ providedIn: 'root' })
export class Seat {
  private readonly api = inject(TableApi);
  private readonly whereabouts = inject(Whereabouts);
  private readonly notices = inject(Notices);
  private readonly usual = new UsualSteps();

  readonly session = signal<LiveSession | null>(null);
  /** Whether the hand is up, as one wants it; told again until it has been heard. */
  readonly hand = signal(false);
  /** Whether the hand has been heard of as it is. */
  readonly isHeard = signal(true);
  readonly isBehind = signal(false);
  /** Who else sits there, where the coach lets their times be seen. */
  readonly others = signal<readonly Present[]>([]);
  private who: string | undefined;
  /** What is shown to all, until it is taken up or waved away. */
  readonly offer = signal<Offer | null>(null);
  private settled = new Set<string>();
  private following: Following | undefined;
  private since = Date.now();
  private step: Where = this.whereabouts.now();
  private waiting: ReturnType<typeof setTimeout> | undefined;
  private living: ReturnType<typeof setInterval> | undefined;

  constructor() {
    effect(() => {
      const now = this.whereabouts.now();
      untracked(() => this.went(now));
    });
  }

  /**
   * Sits down again where one sat before the page was loaded, or before one's name changed; asked until it is
   * answered. Only where one sits there no more is the seat forgotten.
   */
  async resume(): Promise<void> {
    const live = seatRemembered();
    if (live === null || this.session()) return;
    try {
      const session = (await this.api.sessions()).find(({ id, joined }) => id === live && joined);
      if (session) {
        this.hand.set(handRemembered());
        this.sit(session);
      } else forgetSeat();
    } catch {
      setTimeout(() => void this.resume(), AGAIN);
    }
  }

  sit(session: LiveSession): void {
    rememberSeat(session.id);
    this.following?.close();
    this.settled = new Set();
    this.session.set(session);
    this.take(session);
    this.following = followSession(
      `/api/live/${session.id}/seat`,
      (event) => {
        if (event.is === 'session') {
          this.session.set(event.session);
          this.take(event.session);
        }
        const own = this.heardOf(event);
        // The coach has seen it: it goes down here too, unless it was raised since.
        if (own && this.isHeard() && this.hand() && own.handAt === null) this.setHand(false);
      },
      (isBehind) => this.isBehind.set(isBehind),
      (why) => void this.ended(why),
    );
    clearInterval(this.living);
    this.living = setInterval(() => this.tellSoon(0), SIGN_OF_LIFE);
    this.tellSoon(0);
  }

  /** Takes in who is where; gives oneself, if one is among them. */
  private heardOf(event: BoardEvent): Present | undefined {
    const told =
      event.is === 'all' ? event.present : event.is === 'one' ? [event.present] : undefined;
    if (event.is === 'left') this.others.update((all) => all.filter(({ id }) => id !== event.id));
    if (!told) return undefined;
    const others = told.filter(({ id }) => id !== this.who);
    const ids = new Set(others.map(({ id }) => id));
    this.others.update((all) =>
      event.is === 'all' ? others : [...all.filter(({ id }) => !ids.has(id)), ...others],
    );
    return told.find(({ id }) => id === this.who);
  }

  toggleHand(): void {
    this.setHand(!this.hand());
    this.isHeard.set(false);
    this.tellSoon(0);
  }

  private setHand(isUp: boolean): void {
    this.hand.set(isUp);
    rememberHand(isUp);
  }

  /** Waves away what is shown, or takes it up. */
  settle(offer: Offer): void {
    this.settled.add(offer.id);
    this.offer.set(null);
  }

  async getUp(): Promise<void> {
    const session = this.session();
    this.gone();
    if (session) await this.api.getUp(session.id).catch(() => undefined);
  }

  private take({ offer }: LiveSession): void {
    this.offer.set(offer && !this.settled.has(offer.id) ? offer : null);
  }

  private went(now: Where): void {
    if (!sameStep(this.step, now)) {
      // What was idle says nothing of how long steps take.
      if (this.step.doing !== 'idle') this.usual.add(Date.now() - this.since);
      this.since = Date.now();
    }
    this.step = now;
    this.tellSoon();
  }

  private tellSoon(within = GATHERED): void {
    if (!this.session()) return;
    clearTimeout(this.waiting);
    this.waiting = setTimeout(() => void this.tell(), within);
  }

  private async tell(): Promise<void> {
    const session = this.session();
    if (!session) return;
    const here = this.told();
    try {
      this.who = (await this.api.tellHere(session.id, here)).id;
      this.others.update((all) => all.filter(({ id }) => id !== this.who));
      if (here.hand === this.hand()) this.isHeard.set(true);
    } catch (error) {
      if (this.session()?.id !== session.id) return;
      // Whether there is a seat is asked where it may be another's who is signed in by now.
      if (isRefused(error)) await this.ended(undefined);
      else this.tellSoon(AGAIN);
    }
  }

  /** There is nothing to follow any more: who still sits there, as after signing up, follows it anew. */
  private async ended(why: Ending | undefined): Promise<void> {
    const session = this.session();
    if (!session) return;
    this.leave();
    if (why === undefined || why === 'signed out') await this.resume();
    else forgetSeat();
    if (seatRemembered() !== null) return;
    this.setHand(false);
    void this.notices.say(ENDING_WORDS[why ?? 'ended']);
  }

  private told(): HereTold {
    const { doing, title, at, of, cube } = this.step;
    return {
      doing,
      at,
      of,
      cube: cube,
      hand: this.hand(),
      title: title.slice(0, 120),
      forSeconds: Math.min(86_400, Math.round((Date.now() - this.since) / 1000)),
      usualSeconds: this.usual.stuckAfter,
    };
  }

  private gone(): void {
    this.leave();
    forgetSeat();
    this.hand.set(false);
  }

  /** Follows and tells nothing any more; the seat may still be there. */
  private leave(): void {
    this.following?.close();
    clearTimeout(this.waiting);
    clearInterval(this.living);
    this.session.set(null);
    this.offer.set(null);
    this.isBehind.set(false);
    this.others.set([]);
  }
}
