import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatSlideToggle } from '@angular/material/slide-toggle';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  countTurns,
  FRONT,
  type Method,
  readMoves,
  sideInHold,
  UP,
  writeCubeDocument,
  writeMoves,
} from '@sleetcrest/core';
import { approachesOf, type CaseSurvey } from '@sleetcrest/core/engine/run';
import type { SetUp } from '@sleetcrest/core/engine/set-up';
import { type Beside, type CaseCard, mirrored } from '@sleetcrest/core/shown/cases';
import { crownSvg } from '@sleetcrest/core/shown/drawing';
import { saveFile, saveText } from '../../base/files/save-file';
import { v4 as uuid } from 'uuid';
import { smallSeed } from '../../base/work/chance';
import { entryFeature } from '../../subjects/cube';
import { WalkPage } from '../../subjects/walk';
import { Work } from '../../subjects/method/work';
import type { MethodChosen } from '../../subjects/method/parts/method-choice';
import { copied, readerFeature } from '../../subjects/settings';
import { Hands } from '../../subjects/settings/parts/hands';
import { inkOf, Picture } from '../../subjects/settings/parts/picture';
import { SayingView } from '../../subjects/settings/parts/saying';
import { Tiles } from '../../subjects/settings/parts/tiles';
import { GlanceView } from '../../subjects/practice/parts/glance-view';
import { reading } from '../../base/reading/reading';
import { ofCubes, percent } from '../../base/words/percent';
import { pngOf } from '../../ui/pictures/png';
import { anew } from '../../base/state/anew';
import { Trouble } from '../../ui/trouble';
import { SAY } from './words';

/** One case: what to look at, how to hold, what to turn, why; a cube of it; others' ways. */
@Component({
  selector: 'sc-case-detail',
  imports: [
    GlanceView,
    Hands,
    MatButton,
    MatIcon,
    MatSlideToggle,
    Picture,
    SayingView,
    Tiles,
    Trouble,
  ],
  templateUrl: './case-detail.html',
  styleUrl: './case-detail.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CaseDetail {
  protected readonly say = SAY;
  readonly card = input.required<CaseCard>();
  readonly method = input.required<Method>();
  readonly chosenMethod = input.required<MethodChosen>();
  readonly survey = input<CaseSurvey>();
  /** How to come from the hold somebody painted to the one of the case. */
  readonly turnFirst = input('');
  /** The approach that the case is of. */
  protected readonly approach = computed(() =>
    approachesOf(this.method()).find(({ cases }) => cases.some(({ id }) => id === this.card().id)),
  );

  private readonly store = inject(Store);
  private readonly router = inject(Router);
  private readonly work = inject(Work);
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  protected readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  protected readonly percent = percent;
  protected readonly ofCubes = ofCubes;

  protected readonly mirror = anew(this.card, () => false);
  protected readonly setUp = anew(this.card, (): SetUp | null => null);
  protected readonly trouble = anew(this.card, (): string | null => null);
  private readonly seed = anew(this.card, smallSeed);
  private readonly compared = reading(
    () => ({ card: this.card(), method: this.method() }),
    async ({ card, method }) => {
      const { firstColour } = this.reader();
      const beside = await this.work.beside(card.id, method, 1, firstColour, this.scheme());
      if (!beside.ok) throw new Error(beside.error);
      return { card, beside: beside.value };
    },
  );
  /** Those of the case that is shown; null while they are looked for. */
  protected readonly beside = computed((): readonly Beside[] | null => {
    const made = this.compared.value();
    return made?.card === this.card() ? made.beside : null;
  });
  protected readonly besideTrouble = this.compared.trouble;

  protected readonly shown = computed(() => (this.mirror() ? mirrored(this.card()) : this.card()));
  protected readonly moves = computed(() => {
    const read = readMoves(this.shown().sequence ?? '');
    return read.ok ? read.value : [];
  });
  protected readonly up = computed(() => this.scheme()[sideInHold(this.card().hold, UP)]!);
  protected readonly front = computed(() => this.scheme()[sideInHold(this.card().hold, FRONT)]!);
  private readonly setUpMoves = computed(() => {
    const read = readMoves(this.setUp()?.turns ?? '');
    return read.ok ? read.value : [];
  });
  protected readonly setUpText = computed(() =>
    writeMoves(this.setUpMoves(), this.reader().dialect),
  );
  protected readonly setUpCount = computed(() => countTurns(this.setUpMoves()));

  /** Another cube on which the case waits. */
  protected async prepare(): Promise<SetUp | null> {
    const { firstColour } = this.reader();
    const card = this.card();
    const before = this.setUp()?.turns;
    this.trouble.set(null);
    // A short way may come twice in a row: then once more.
    for (let again = 0; again < 5; again++) {
      this.seed.update((seed) => (seed + 1) >>> 0);
      const made = await this.work
        .setUp(this.card().id, this.method(), this.seed(), firstColour, this.scheme())
        .catch((error: unknown) => ({ ok: false as const, error: (error as Error).message }));
      // Another case may have been opened meanwhile.
      if (this.card() !== card) return null;
      if (!made.ok) {
        this.trouble.set(made.error);
        return null;
      }
      this.setUp.set(made.value);
      if (made.value.turns !== before) break;
    }
    return this.setUp();
  }

  /** Takes a cube on which the case waits to the Bench. */
  protected async toBench(): Promise<void> {
    const made = this.setUp() ?? (await this.prepare());
    if (!made) return;
    const id = uuid();
    const record = {
      id,
      name: this.card().title.slice(0, 80),
      start: writeCubeDocument(made.cube, this.scheme()),
      method: copied(this.chosenMethod()),
      firstColour: this.reader().firstColour,
      position: { step: 0, turn: 0 },
    };
    this.store.dispatch(WalkPage.walkBegun({ record }));
    void this.router.navigate(['/bench', id]);
  }

  private svg(): string {
    return crownSvg(this.shown().pictures[0]!, inkOf(this.reader()), this.card().title);
  }

  private fileName(): string {
    return this.card().id.replace('/', '-') + (this.mirror() ? '-mirror' : '');
  }

  protected saveSvg(): void {
    saveText(this.svg(), `${this.fileName()}.svg`);
  }

  protected async savePng(): Promise<void> {
    saveFile(await pngOf(this.svg()), `${this.fileName()}.png`);
  }
}
