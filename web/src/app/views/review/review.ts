import { Clipboard } from '@angular/cdk/clipboard';
import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { MatSlider, MatSliderThumb } from '@angular/material/slider';
import { Notices } from '../../base/dialogs/notices';
import { Router, RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  type Colour,
  FRONT,
  paintedFromCube,
  readMoves,
  shortTitle,
  type Side,
  sideInHold,
  stageWords,
  stickersSeen,
  UP,
} from '@sleetcrest/core';
import { atPosition, type Review, type SolveDone } from '@sleetcrest/core/insight/review';
import { accountFeature } from '../../subjects/account';
import { entryFeature, EntryPage } from '../../subjects/cube';
import { LogBooks } from '../../subjects/log';
import { Reviewer } from '../../subjects/log/work';
import { selectMethodChosen } from '../../subjects/method';
import { HandIn } from '../../subjects/group';
import { readerFeature } from '../../subjects/settings';
import { apiFailure } from '../../base/api/failure';
import { reading } from '../../base/reading/reading';
import { clockText } from '../../base/words/clock-text';
import { momentThere } from '../../base/words/days';
import { Crown } from '../../ui/crown/crown';
import { Ridge, type RidgeStage } from '../../ui/ridge/ridge';
import { TurnTile } from '../../ui/tiles/turn-tile';
import { ReviewStages } from './review-stages';
import { Trouble } from '../../ui/trouble';
import { ReviewAsked } from './review-asked';
import { Page } from '../../ui/page';
import { anew } from '../../base/state/anew';
import type { Whose } from '../../subjects/method/work';
import { CaseName } from '../../subjects/method/parts/case-name';
import { SAY } from './words';
import { Sentence, SentenceSlot } from '../../ui/sentence/sentence';

/** How many turns are shown about the one looked at. */
const ABOUT = 2;

/** A solve taken apart: what was done, stage by stage, and what is worth learning from it. */
@Component({
  selector: 'sc-review',
  imports: [
    CaseName,
    Sentence,
    SentenceSlot,
    Page,
    ReviewAsked,
    Crown,
    MatButton,
    MatIcon,
    MatProgressBar,
    MatSlider,
    MatSliderThumb,
    ReviewStages,
    Ridge,
    RouterLink,
    Trouble,
    TurnTile,
  ],
  templateUrl: './review.html',
  styleUrl: './review.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ReviewView {
  protected readonly say = SAY;
  /** The record that is reviewed, and whose it is, from the address. */
  readonly id = input<string>();
  readonly of = input<string>();

  private readonly store = inject(Store);
  private readonly books = inject(LogBooks);
  private readonly reviewer = inject(Reviewer);
  private readonly router = inject(Router);
  private readonly clipboard = inject(Clipboard);
  private readonly notices = inject(Notices);
  protected readonly handing = inject(HandIn);

  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly account = this.store.selectSignal(accountFeature.selectAccount);
  private readonly status = this.store.selectSignal(accountFeature.selectStatus);

  /** The record the address names; whose log it is in is known once it is known who is here. */
  private readonly opened = reading(
    () => {
      const [id, of, own] = [this.id(), this.of(), this.books.own()];
      if (id === undefined || this.status() === 'unknown') return undefined;
      return { id, log: of === undefined || this.isOwn() ? own : this.books.of(of) };
    },
    ({ id, log }) => log.read(id),
  );
  protected readonly entry = computed(() => this.opened.value() ?? null);
  /** Which one it is: what is told of it later is no other, and takes nothing apart again. */
  private readonly record = computed(() => this.entry()?.id);
  /** What was asked to be taken apart; undefined while turns are asked for. */
  private readonly solve = anew(this.record, () => {
    // A record that was opened says what was mixed and turned, and is taken apart at once.
    const entry = this.entry();
    const says = entry !== null && entry.turns !== '' && entry.scramble !== '';
    return says ? this.solveOf(entry.scramble, entry.turns) : undefined;
  });
  private readonly taken = reading(
    () => this.solve(),
    async (solve) => {
      const reviewed = await this.reviewer.review(solve);
      if (!reviewed.ok) throw new Error(reviewed.error);
      void this.keepTurns(solve.turns);
      return { solve, review: reviewed.value };
    },
  );
  /** Whether the turns given are to be kept with the record. */
  private keeps = false;
  protected readonly scramble = anew(this.record, () => this.entry()?.scramble ?? '');
  protected readonly turns = anew(this.record, () => this.entry()?.turns ?? '');
  protected readonly review = computed((): Review | null => {
    const taken = this.taken.value();
    return taken && taken.solve === this.solve() ? taken.review : null;
  });
  /** In whose colours the cases are shown: those of the cube that was turned. */
  protected readonly whose = computed((): Whose => {
    const scheme = this.scheme();
    return { firstColour: scheme[this.review()?.first ?? UP]!, scheme };
  });
  protected readonly busy = computed(() => this.opened.isBusy() || this.taken.isBusy());
  private readonly refusal = signal<string | null>(null);
  protected readonly trouble = computed(
    () => this.refusal() ?? this.opened.trouble() ?? this.taken.trouble(),
  );
  /** How many turns of the solve are done in the picture. */
  protected readonly position = anew(this.review, () => 0);

  protected readonly momentThere = momentThere;
  protected readonly shortTitle = shortTitle;
  protected readonly isOwn = computed(() => {
    const of = this.of();
    return of === undefined || of === this.account()?.id;
  });
  protected readonly method = this.store.selectSignal(selectMethodChosen);
  protected readonly asked = computed(() => this.review() === null && !this.busy());

  protected readonly ridge = computed((): readonly RidgeStage[] => {
    const review = this.review();
    if (!review) return [];
    const position = this.position();
    return review.stages.map(({ stage, from, to, turnCount }) => ({
      id: stage,
      title: stageWords(stage, review.first, this.scheme()).title,
      short: stageWords(stage, review.first, this.scheme()).short,
      turns: turnCount,
      state: position >= to ? 'walked' : position >= from ? 'here' : 'ahead',
      fraction: to > from ? Math.min(1, Math.max(0, (position - from) / (to - from))) : 1,
    }));
  });

  /** The cube after the turns looked at, as it is held for the next. */
  private readonly at = computed(() => atPosition(this.scramble(), this.review(), this.position()));
  protected readonly picture = computed(() =>
    stickersSeen(paintedFromCube(this.at().cube), this.scheme(), this.at().hold),
  );
  protected readonly heldSays = computed(() => {
    const seen = (face: Side): Colour => this.scheme()[sideInHold(this.at().hold, face)]!;
    return SAY.upInFront({ up: seen(UP), front: seen(FRONT) });
  });
  /** The turns about the one looked at: those done, the next, and those ahead. */
  protected readonly nearby = computed(() => {
    const review = this.review();
    const position = this.position();
    const from = Math.max(0, position - ABOUT);
    return (review?.turns.slice(from, position + ABOUT) ?? []).flatMap((turn, k) => {
      const read = readMoves(turn);
      const at = from + k;
      const state: 'done' | 'now' | 'ahead' =
        at < position ? 'done' : at === position ? 'now' : 'ahead';
      return read.ok ? [{ at, move: read.value[0]!, state }] : [];
    });
  });
  protected readonly summary = computed(() => {
    const review = this.review();
    if (!review) return '';
    const waste = review.wastes.reduce((sum, { turns }) => sum + turns, 0);
    return SAY.summary({
      finished: review.finished ? 'yes' : 'no',
      turnCount: review.turnCount,
      waste,
    });
  });
  protected readonly clock = computed(() => {
    const time = this.entry()?.time;
    return time == null ? '' : clockText(time);
  });

  private solveOf(scramble: string, turns: string): SolveDone {
    return {
      scramble,
      turns,
      method: this.method(),
      firstColour: this.reader().firstColour,
      scheme: [...this.scheme()],
    };
  }

  /** Takes the turns apart; once that is done they are kept with the record where it had none. */
  protected submit(): void {
    this.refusal.set(null);
    this.solve.set(this.solveOf(this.scramble(), this.turns()));
    this.keeps = true;
  }

  private async keepTurns(turns: string): Promise<void> {
    const entry = this.entry();
    if (!this.keeps || !entry || !this.isOwn() || entry.turns === turns) return;
    this.keeps = false;
    try {
      this.opened.set(await this.books.own().change(entry.id, { turns }));
    } catch (error) {
      this.refusal.set(apiFailure(error).message);
    }
  }

  protected again(): void {
    this.solve.set(undefined);
  }

  protected jump(index: number): void {
    this.position.set(this.review()?.stages[index]?.from ?? 0);
  }

  protected toBench(): void {
    this.store.dispatch(
      EntryPage.cubeReplaced({ painted: Array.from(paintedFromCube(this.at().cube)) }),
    );
    void this.router.navigate(['/bench']);
  }

  protected share(): void {
    const owner = this.of() ?? this.account()?.id;
    const { origin } = window.location;
    this.clipboard.copy(`${origin}/review/${this.id()}?of=${owner}`);
    void this.notices.say(SAY.theLinkIsCopiedIt);
  }

  protected handIn(): void {
    const id = this.id();
    if (id !== undefined) void this.handing.ask({ what: 'record', entry: id });
  }

  protected print(): void {
    window.print();
  }
}
