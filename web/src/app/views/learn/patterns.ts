import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  applyMoves,
  type Colour,
  type Cube,
  HOME_HOLD,
  type Move,
  paintedFromCube,
  readMoves,
  sideOfColour,
  solvedCube,
  stickersSeen,
} from '@sleetcrest/core';
import { PATTERNS } from '@sleetcrest/core/insight/patterns';
import { patternSchema } from '@sleetcrest/contract';
import { toDataURL } from 'qrcode';
import { LearningWork } from '../../subjects/practice/work';
import { readerFeature, SettingsPage } from '../../subjects/settings';
import { entryFeature } from '../../subjects/cube';
import { Crown, type Stroke } from '../../ui/crown/crown';
import { Pots } from '../../ui/pots/pots';
import { CubeView } from '../../ui/cube/cube-view';
import { listensTo } from '../../base/keys/keyboard';
import { isFreeOfButtons } from '../../base/keys/keys';
import { player } from '../../base/play/player';
import { TurnsDone } from './turns-done';
import { PATTERN_KEYS } from './learn.keys';
import { Trouble } from '../../ui/trouble';
import { ToldField } from '../../ui/fields/told-field';
import { Page } from '../../ui/page';
import { anew } from '../../base/state/anew';
import { SAY } from './words';
import { spoken } from '../../base/words/say';

/** A pattern that can be walked: one that ships, one's own, or one that was handed over. */
interface Shown {
  readonly title: string;
  readonly turns: string;
  readonly isOwn: boolean;
}

const UNSEEN = -1;
const HANDED = SAY.aPatternHandedToYou;

/** Patterns: from solved to a picture and back, those that ship and what anybody paints. */
@Component({
  selector: 'sc-patterns',
  imports: [Page, Crown, CubeView, MatButton, Pots, RouterLink, ToldField, Trouble, TurnsDone],
  templateUrl: './patterns.html',
  styleUrls: ['./page.scss', './patterns.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Patterns {
  protected readonly say = SAY;
  /** Turns and title of the pattern shown, from the address: so can it be handed to a friend. */
  readonly turns = input<string>();
  readonly title = input<string>();

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly work = inject(LearningWork);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly hold = HOME_HOLD;

  protected readonly all = computed((): Shown[] => [
    ...this.reader().patterns.map((one) => ({ ...one, isOwn: true })),
    ...PATTERNS.map(({ title, turns }) => ({ title: spoken(title), turns, isOwn: false })),
  ]);
  protected readonly gallery = computed(() =>
    this.all().map((one) => ({ ...one, picture: this.picture(cubeOf(one.turns)) })),
  );
  protected readonly shown = computed((): Shown | null => {
    const turns = this.turns()?.replaceAll('_', ' ').replaceAll('i', "'");
    if (turns === undefined) return this.all()[0] ?? null;
    const known = this.all().find((one) => one.turns === turns);
    if (known) return known;
    const handed = patternSchema.safeParse({ turns, title: this.title() ?? HANDED });
    const isReadable = handed.success && turns !== '' && readMoves(turns).ok;
    return isReadable ? { ...handed.data, isOwn: false } : null;
  });
  /** As text, so that the same pattern goes on where it is when others are kept or come from the server. */
  private readonly turnsShown = computed(() => this.shown()?.turns ?? '');
  protected readonly moves = computed((): readonly Move[] => {
    const read = readMoves(this.turnsShown());
    return read.ok ? read.value : [];
  });
  protected readonly played = player(this.moves, {
    pause: () => this.reader().secondsPerTurn * 600,
  });
  protected readonly cube = computed(() => {
    const cube = solvedCube();
    applyMoves(cube, HOME_HOLD, this.moves().slice(0, this.played.at()));
    return cube;
  });
  protected readonly end = computed(() => this.picture(cubeOf(this.turnsShown())));
  protected readonly link = computed(() => {
    const shown = this.shown();
    if (!shown) return '';
    const turns = shown.turns.replaceAll("'", 'i').replaceAll(' ', '_');
    const query = new URLSearchParams({ turns, title: shown.title });
    return `${location.origin}/learn/patterns?${query.toString()}`;
  });
  protected readonly code = anew(this.link, (): string | null => null);
  protected readonly copied = anew(this.link, () => false);

  // A picture that is painted.
  protected readonly isPainting = signal(false);
  protected readonly painted = signal<readonly (Colour | null)[]>([]);
  /** What is painted with; null rubs out. */
  protected readonly brush = signal<Colour | null>('white');
  protected readonly name = signal('');
  protected readonly found = signal<{
    possible: boolean;
    why: readonly string[];
    turns: string;
    changed: ReadonlySet<number>;
    nearest: readonly (Colour | null)[];
  } | null>(null);
  protected readonly trouble = signal<string | null>(null);
  protected readonly isBusy = signal(false);
  protected readonly none: ReadonlySet<number> = new Set();

  constructor() {
    const deeds = {
      next: () => this.played.step(1),
      back: () => this.played.step(-1),
      play: () => this.play(1),
    };
    listensTo(PATTERN_KEYS, deeds, {
      when: () => !this.isPainting(),
      isMeant: isFreeOfButtons,
    });
  }

  private picture(cube: Cube): (Colour | null)[] {
    return stickersSeen(paintedFromCube(cube), this.scheme(), HOME_HOLD);
  }

  protected open({ turns, title }: Pick<Shown, 'turns' | 'title'>): void {
    this.isPainting.set(false);
    const queryParams = { turns: turns.replaceAll("'", 'i').replaceAll(' ', '_'), title };
    void this.router.navigate(['/learn/patterns'], { queryParams });
  }

  protected play(by: 1 | -1): void {
    if (this.played.plays() === by) this.played.pause();
    else this.played.play(by);
  }

  protected async share(): Promise<void> {
    const link = this.link();
    const code = await toDataURL(link, { margin: 1, width: 240 });
    // Another may have been opened meanwhile.
    if (this.link() === link) this.code.set(code);
  }

  protected async copy(): Promise<void> {
    await navigator.clipboard.writeText(this.link()).then(
      () => this.copied.set(true),
      () => this.copied.set(false),
    );
  }

  protected print(): void {
    window.print();
  }

  protected paint(): void {
    this.isPainting.set(true);
    this.found.set(null);
    this.name.set('');
    this.painted.set(this.picture(solvedCube()));
  }

  protected stroke({ sticker, colour }: Stroke): void {
    this.found.set(null);
    const painted = [...this.painted()];
    painted[sticker] = colour === undefined ? this.brush() : colour;
    this.painted.set(painted);
  }

  protected clear(): void {
    this.found.set(null);
    this.painted.update((all) => all.map((colour, k) => (k % 9 === 4 ? colour : null)));
  }

  protected async look(): Promise<void> {
    const scheme = this.scheme();
    const painted = this.painted().map((colour) =>
      colour === null ? UNSEEN : sideOfColour(scheme, colour),
    );
    this.isBusy.set(true);
    this.trouble.set(null);
    try {
      const { found, turns } = await this.work.picture(painted, scheme);
      this.found.set({
        possible: found.possible,
        turns,
        why: found.possible ? [] : found.problems.map(({ says }) => says),
        changed: new Set(found.possible ? [] : found.changed),
        nearest: this.picture(found.possible ? found.cube : found.nearest),
      });
    } catch (error) {
      this.trouble.set((error as Error).message);
    } finally {
      this.isBusy.set(false);
    }
  }

  /** Keeps what was painted, or the nearest to it, under a name. */
  protected keep(): void {
    const found = this.found();
    if (!found || found.turns === '') return;
    const title =
      this.name().trim() || SAY.myPicture({ patterns: this.reader().patterns.length + 1 });
    const one = { title, turns: found.turns };
    const patterns = [one, ...this.reader().patterns].slice(0, 60);
    this.store.dispatch(SettingsPage.settingChanged({ change: { patterns } }));
    this.open(one);
  }

  protected forget({ turns }: Shown): void {
    const patterns = this.reader().patterns.filter((one) => one.turns !== turns);
    this.store.dispatch(SettingsPage.settingChanged({ change: { patterns } }));
  }
}

function cubeOf(turns: string): Cube {
  const cube = solvedCube();
  const read = readMoves(turns);
  if (read.ok) applyMoves(cube, HOME_HOLD, read.value);
  return cube;
}
