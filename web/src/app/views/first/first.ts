import {
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  inject,
  signal,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  type Move,
  paintedFromCube,
  PLACES,
  SIDES,
  STICKER_PLACE,
  stickerInHold,
  stickersSeen,
  type Turn,
  turnOf,
  writeMove,
} from '@sleetcrest/core';
import { type Ask, doneBy, firstPages, shownAt } from '@sleetcrest/core/shown/first';
import { entryFeature } from '../../subjects/cube';
import { readerFeature, SettingsPage } from '../../subjects/settings';
import { Crown } from '../../ui/crown/crown';
import { CubeView } from '../../ui/cube/cube-view';
import { Ridge, type RidgeStage } from '../../ui/ridge/ridge';
import { TurnTile } from '../../ui/tiles/turn-tile';
import { Page } from '../../ui/page';
import { SAY } from './words';

/** How long a turn that was not meant is seen. */
const SLIP_MS = 700;

/** What came of an answer. */
type Outcome = 'right' | 'wrong' | null;

/** First things: eight small pages for somebody who has never solved, each with something to do. */
@Component({
  selector: 'sc-first',
  imports: [Page, Crown, CubeView, MatButton, Ridge, RouterLink, TurnTile],
  templateUrl: './first.html',
  styleUrl: './first.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class First {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly pages = computed(() => firstPages(this.scheme()));

  /** Where one is: as one left it, on any device. */
  protected readonly at = computed(() => this.reader().firstPage);
  protected readonly page = computed(() => this.pages()[this.at()]);
  protected readonly count = computed(() => this.pages().length);
  protected readonly askAt = signal(0);
  protected readonly outcome = signal<Outcome>(null);
  /** What was chosen last, to be marked. */
  protected readonly chosen = signal<number | null>(null);
  /** Whether what an ask shows was seen. */
  protected readonly shown = signal(false);
  /** A turn that was not meant: seen for a moment, and then taken back. */
  private readonly slip = signal<Turn | null>(null);

  protected readonly ask = computed((): Ask | undefined => this.page()?.asks[this.askAt()]);
  protected readonly choice = computed(() => {
    const ask = this.ask();
    return ask?.kind === 'choose' ? ask : null;
  });
  protected readonly deed = computed(() => {
    const ask = this.ask();
    return ask?.kind === 'do' ? ask : null;
  });
  protected readonly touching = computed(() => this.ask()?.kind === 'touch');
  private readonly since = computed((): readonly Move[] => {
    const ask = this.ask();
    if (ask && this.outcome() === 'right') return doneBy(ask);
    const slip = this.slip();
    if (slip !== null) return [slip];
    const shows = this.choice()?.shows;
    return this.shown() && shows !== undefined ? [shows] : [];
  });
  private readonly seen = computed(() => shownAt(this.page()!, this.askAt(), this.since()));
  protected readonly cube = computed(() => this.seen().cube);
  protected readonly hold = computed(() => this.seen().hold);
  protected readonly picture = computed(() =>
    stickersSeen(paintedFromCube(this.cube()), this.scheme(), this.hold()),
  );
  protected readonly ridge = computed((): RidgeStage[] =>
    this.pages().map(({ id, title, asks }, k) => ({
      id,
      title,
      turns: null,
      state: k < this.at() ? 'walked' : k === this.at() ? 'here' : 'ahead',
      fraction: k === this.at() ? this.askAt() / asks.length : 0,
    })),
  );
  /** A button for each quarter turn of each side. */
  protected readonly turns = computed(() =>
    SIDES.flatMap((side) => [1, 3].map((quarters) => turnOf(side, quarters))).map((turn) => ({
      turn,
      name: writeMove(turn, this.reader().dialect === 'words' ? 'prime' : this.reader().dialect),
      says: writeMove(turn, 'words'),
    })),
  );

  constructor() {
    effect((onCleanup) => {
      if (this.slip() === null) return;
      const over = setTimeout(() => this.slip.set(null), SLIP_MS);
      onCleanup(() => clearTimeout(over));
    });
  }

  protected goTo(page: number): void {
    this.begin(0);
    const change = { firstPage: Math.max(0, Math.min(this.count(), page)), firstOffered: true };
    this.store.dispatch(SettingsPage.settingChanged({ change }));
  }

  private begin(ask: number): void {
    this.askAt.set(ask);
    this.outcome.set(null);
    this.chosen.set(null);
    this.shown.set(false);
    this.slip.set(null);
  }

  /** To the next thing to do, or the next page. */
  protected next(): void {
    const page = this.page();
    if (!page) return;
    if (this.askAt() + 1 < page.asks.length) this.begin(this.askAt() + 1);
    else this.goTo(this.at() + 1);
  }

  protected answer(at: number): void {
    const ask = this.choice();
    if (!ask || this.outcome() === 'right') return;
    this.chosen.set(at);
    this.outcome.set(at === ask.right ? 'right' : 'wrong');
  }

  protected touch(sticker: number): void {
    const ask = this.ask();
    if (ask?.kind !== 'touch' || this.outcome() === 'right') return;
    const place = PLACES[STICKER_PLACE[stickerInHold(this.hold(), sticker)]!];
    this.outcome.set((place?.sides.length ?? 1) === ask.colours ? 'right' : 'wrong');
  }

  protected turn(turn: Turn): void {
    const ask = this.deed();
    if (!ask || this.outcome() === 'right') return;
    const right = turn === ask.turn;
    this.outcome.set(right ? 'right' : 'wrong');
    this.slip.set(right ? null : turn);
  }
}
