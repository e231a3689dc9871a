import {
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  input,
  signal,
  untracked,
} from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router, RouterLink } from '@angular/router';
import {
  applyMoves,
  copyCube,
  type Cube,
  type Hold,
  holdLine,
  HOME_HOLD,
  isWholeCube,
  type Move,
  paintedFromCube,
  readMoves,
  shortTitle,
  sideOfTurn,
  stickersSeen,
  type Turn,
} from '@sleetcrest/core';
import { drilled } from '@sleetcrest/core/learner/path';
import { smallSeed } from '../../base/work/chance';
import { Work } from '../../subjects/method/work';
import { LearningWork, type Shown } from '../../subjects/practice/work';
import { GlanceView } from '../../subjects/practice/parts/glance-view';
import { Hands } from '../../subjects/settings/parts/hands';
import { SayingView } from '../../subjects/settings/parts/saying';
import { Rest } from '../../subjects/walk';
import { tellsWhere } from '../../subjects/group';
import { SimulatedCube } from '../../devices/cube/simulated-cube';
import { Crown } from '../../ui/crown/crown';
import { CubeView } from '../../ui/cube/cube-view';
import { Turning, type Turned } from './cards/turning';
import { TurnTile } from '../../ui/tiles/turn-tile';
import { reading } from '../../base/reading/reading';
import { SeeCard } from './cards/see-card';
import { Learning, type Answered } from './learning';
import { Trouble } from '../../ui/trouble';

type Part = 'watch' | 'together' | 'alone' | 'among';
const PARTS: readonly { value: Part; name: string }[] = [
  { value: 'watch', name: 'Watch' },
  { value: 'together', name: 'Together' },
  { value: 'alone', name: 'Alone, from the picture' },
  { value: 'among', name: 'Among others' },
];
/** So many cubes are asked about among others. */
const AMONG = 4;

/** A lesson for one case: watched, done together, done alone, and found among others. */
@Component({
  selector: 'sc-lesson',
  imports: [
    Crown,
    CubeView,
    GlanceView,
    Hands,
    MatButton,
    MatProgressBar,
    RouterLink,
    SayingView,
    SeeCard,
    Trouble,
    TurnTile,
    Turning,
  ],
  templateUrl: './lesson.html',
  styleUrls: ['./page.scss', './lesson.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Lesson {
  /** The case, from the address; empty where that names none. */
  readonly case = input('', { transform: (named: string | undefined) => named ?? '' });

  /** `first` where one came to see what to look at first. */
  readonly look = input<string>();

  protected readonly learning = inject(Learning);
  private readonly work = inject(Work);
  private readonly making = inject(LearningWork);
  private readonly router = inject(Router);
  private readonly rest = inject(Rest);
  protected readonly parts = PARTS;
  protected readonly reader = this.learning.reader;

  protected readonly approach = computed(() => this.learning.approachOf(this.case()));
  /** The case and what the hands learn of it; known at once, before the path is worked out. */
  protected readonly about = computed(() => {
    const approach = this.approach();
    const one = approach?.cases.find(({ id }) => id === this.case());
    return approach && one && { case: one.id, title: one.title, ...drilled(approach, one.id) };
  });
  protected readonly part = computed((): Part => {
    const left = this.reader().learning.lesson;
    return left?.case === this.case() ? left.part : 'watch';
  });
  protected readonly partAt = computed(() => PARTS.findIndex(({ value }) => value === this.part()));

  private readonly fresh = signal(0);
  private readonly shown_ = reading(
    () =>
      this.approach() && {
        case: this.case(),
        method: this.learning.method(),
        first: this.learning.first(),
        part: this.part(),
        fresh: this.fresh(),
      },
    async ({ case: id, method, first, part }) => ({
      ...(await this.making.show(id, method, first, smallSeed())),
      case: id,
      part,
    }),
  );
  protected readonly methodTitle = computed(() => shortTitle(this.learning.method()));
  protected readonly trouble = this.shown_.trouble;
  protected readonly shown = computed((): Shown | null => {
    const made = this.shown_.value();
    return made?.case === this.case() && made.part === this.part() ? made : null;
  });
  private readonly card_ = reading(
    () => ({ method: this.learning.method(), case: this.case() }),
    async ({ method, case: id }) => {
      const cards = await this.work.cards(
        method,
        this.reader().firstColour,
        this.learning.scheme(),
      );
      return cards.ok ? cards.value.find((one) => one.id === id) : undefined;
    },
  );
  /** What is said of the case. */
  protected readonly card = this.card_.value;

  /** Turns of the whole cube to the hold, lining up, then the sequence. */
  protected readonly moves = computed((): readonly Move[] => {
    const shown = this.shown();
    if (!shown) return [];
    const read = readMoves(`${shown.lineUp} ${shown.sequence}`.trim());
    return read.ok ? read.value : [];
  });
  protected readonly done = signal(0);
  protected readonly playing = signal(false);
  protected readonly note = signal('');
  /** Whether this part was done right. */
  protected readonly passed = signal(false);
  private wrongOnce = false;
  private startedAt = 0;

  /** The cube and the hold after the turns done so far. */
  protected readonly now = computed((): { cube: Cube; hold: Hold } | null => {
    const shown = this.shown();
    if (!shown) return null;
    const cube = copyCube(shown.cube);
    const hold = applyMoves(cube, shown.doneIn, this.moves().slice(0, this.done()));
    return { cube, hold };
  });
  protected readonly hold = computed((): Hold => this.now()?.hold ?? HOME_HOLD);
  protected readonly picture = computed(() => {
    const now = this.now();
    return now && stickersSeen(paintedFromCube(now.cube), this.learning.scheme(), now.hold);
  });
  /** How to hold it, said of the hold it is shown in. */
  protected readonly heldSays = computed(() => {
    const shown = this.shown();
    if (!shown || shown.hold === shown.doneIn) return '';
    return holdLine(shown.hold, shown.doneIn, this.learning.scheme(), shown.cube, [], '');
  });
  protected readonly tiles = computed(() =>
    this.moves().map((move, at) => ({
      move,
      at,
      state: stateOf(at, this.done()),
    })),
  );

  /** Among others: which case is shown now, and how many were answered. */
  protected readonly others = signal<{ case: string; shown: Shown } | null>(null);
  protected readonly asked = signal(0);
  protected readonly answered = signal(false);

  constructor() {
    tellsWhere(() => {
      const about = this.about();
      return about
        ? { doing: 'lesson', title: about.title, at: this.partAt(), of: PARTS.length, cube: null }
        : null;
    });
    effect(() => {
      this.shown();
      untracked(() => {
        this.done.set(0);
        this.note.set('');
        this.passed.set(false);
        this.wrongOnce = false;
        this.startedAt = performance.now();
        this.playing.set(this.part() === 'watch' && !stillWanted());
      });
    });
    effect(() => {
      if (this.look() !== 'first' || !this.shown()) return;
      const first = document.getElementById('look-first');
      first?.scrollIntoView();
    });
    // What is known of the case changes with each answer; whether it is there does not.
    const isThere = computed(() => this.about() !== undefined);
    effect(() => {
      if (this.part() === 'among' && isThere()) untracked(() => void this.askAmong(0));
    });
    // Plays turn by turn at the pace that walks are played at.
    effect((onCleanup) => {
      if (!this.playing() || this.part() !== 'watch') return;
      const end = this.done() >= this.moves().length;
      if (end) {
        untracked(() => this.playing.set(false));
        return;
      }
      const pause = this.done() === 0 ? 1600 : this.reader().secondsPerTurn * 1000;
      const timer = setTimeout(() => this.done.update((count) => count + 1), pause);
      onCleanup(() => clearTimeout(timer));
    });
    const device = inject(SimulatedCube);
    inject(DestroyRef).onDestroy(() => device.disconnect());
  }

  protected goTo(part: Part): void {
    this.learning.change({ lesson: { case: this.case(), part } });
  }

  protected another(): void {
    this.fresh.update((count) => count + 1);
  }

  protected play(): void {
    if (this.done() >= this.moves().length) this.done.set(0);
    this.playing.update((playing) => !playing);
  }

  protected step(by: number): void {
    this.playing.set(false);
    this.done.update((count) => Math.min(this.moves().length, Math.max(0, count + by)));
  }

  private partly = 0;

  /** A turn told by the hands, in the hold of the moment; whole-cube moves are shown and go by themselves. */
  protected turned({ turn, by }: Turned): void {
    const moves = this.moves();
    let at = this.done();
    while (at < moves.length && isWholeCube(moves[at]!)) at++;
    const meant = moves[at] as Turn | undefined;
    if (meant === undefined || this.passed()) return;
    this.rest.worked(Date.now());
    const same = sideOfTurn(turn) === sideOfTurn(meant);
    const half = meant % 3 === 1;
    if (same && half && turn % 3 !== 1) {
      // A half turn may come as two quarters.
      this.partly = (this.partly + (turn % 3) + 1) % 4;
      if (this.partly !== 2) return;
    } else if (turn !== meant) {
      this.wrongOnce = true;
      this.note.set('Not that turn. Look at the tile that is next, and try again.');
      return;
    }
    this.partly = 0;
    this.note.set('');
    this.done.set(at + 1);
    if (at + 1 === moves.length) this.finished(by);
  }

  private finished(by: Answered['by']): void {
    this.passed.set(true);
    if (this.part() !== 'alone') return;
    const seconds = Math.round((performance.now() - this.startedAt) / 10) / 100;
    const right = !this.wrongOnce;
    const one = this.about();
    if (!one) return;
    const given = { right, seconds, answer: '', turns: this.moves().length, by };
    void this.learning.answer({ kind: 'both', item: one.case }, given);
    if (one.drill !== '') {
      void this.learning.answer({ kind: 'turn', item: one.drill }, { ...given, turns: one.turns });
    }
  }

  /** A cube with this case, or another of the same approach; this one at least twice. */
  private async askAmong(asked: number): Promise<void> {
    const all = this.approach()?.cases.map(({ id }) => id) ?? [];
    const others = all.filter((id) => id !== this.case() && !this.learning.skipped().has(id));
    const own = asked % 2 === 0 || others.length === 0;
    const id = own ? this.case() : others[smallSeed() % others.length]!;
    this.asked.set(asked);
    const shown = await this.making
      .show(id, this.learning.method(), this.learning.first(), smallSeed())
      .catch(() => null);
    this.answered.set(false);
    this.others.set(shown && { case: id, shown });
  }

  protected chose(given: Answered): void {
    const now = this.others();
    if (!now) return;
    this.answered.set(true);
    void this.learning.answer({ kind: 'see', item: now.case }, given);
  }

  protected nextAmong(): void {
    if (this.asked() + 1 < AMONG) void this.askAmong(this.asked() + 1);
    else {
      this.learning.change({ lesson: null });
      void this.router.navigate(['/learn']);
    }
  }

  protected readonly among = AMONG;
}

/** Whether motion is to be left out: then one steps through by hand. */
const stillWanted = (): boolean => matchMedia('(prefers-reduced-motion: reduce)').matches;

const stateOf = (at: number, done: number): 'done' | 'now' | 'ahead' =>
  at < done ? 'done' : at === done ? 'now' : 'ahead';
