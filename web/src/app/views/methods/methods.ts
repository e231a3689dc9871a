import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButton, MatIconButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { MatProgressBar } from '@angular/material/progress-bar';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import {
  DEFAULT_METHOD,
  type Method,
  methodOf,
  METHODS,
  shortTitle,
  STAGES,
  stageWords,
} from '@sleetcrest/core';
import type { MethodSurvey } from '@sleetcrest/core/engine/prove';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { demandsOf } from '@sleetcrest/core/shown/cases';
import { saveText } from '../../base/files/save-file';
import Papa from 'papaparse';
import { entryFeature } from '../../subjects/cube';
import {
  Consent,
  MethodStore,
  proofOf,
  selectFirstSide,
  selectMethodChosen,
} from '../../subjects/method';
import { Work } from '../../subjects/method/work';
import { CaseName } from '../../subjects/method/parts/case-name';
import { MethodChoice, type MethodChosen } from '../../subjects/method/parts/method-choice';
import { LearningWork } from '../../subjects/practice/work';
import { copied, readerFeature, SettingsPage } from '../../subjects/settings';
import { Stopped } from '../../base/work/worker-of';
import { difference, stageRows, tableOf, wholeRows, type Column } from './comparison';
import { MethodRidges, type RidgeOf } from './method-ridges';
import { MixBuilder } from './mix-builder';
import { Trouble } from '../../ui/trouble';
import { Page } from '../../ui/page';
import type { Option } from '../../ui/fields/choice';
import { Segments } from '../../ui/fields/segments';
import { SAY } from './words';

const MOST_COLUMNS = 4;
const WHOLE = 'whole';

/** Methods side by side: what each costs in turns, and in things to know. */
@Component({
  selector: 'sc-methods',
  imports: [
    CaseName,
    Page,
    MatButton,
    Segments,
    MatIcon,
    MatIconButton,
    MatProgressBar,
    MethodChoice,
    MethodRidges,
    MixBuilder,
    Trouble,
  ],
  templateUrl: './methods.html',
  styleUrl: './methods.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Methods {
  protected readonly say = SAY;
  private readonly store = inject(Store);
  private readonly hand = this.store.selectSignal(readerFeature.selectHand);
  private readonly router = inject(Router);
  private readonly work = inject(Work);
  private readonly learning = inject(LearningWork);
  private readonly consent = inject(Consent);
  private readonly own = inject(MethodStore).own;
  protected readonly reader = this.store.selectSignal(readerFeature.selectReaderState);
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly first = this.store.selectSignal(selectFirstSide);
  private nextKey = 0;

  protected readonly columns = signal<readonly Column[]>([]);
  protected readonly building = signal(false);
  protected readonly most = MOST_COLUMNS;
  protected readonly part = signal<string>(WHOLE);
  protected readonly difference = difference;

  protected readonly groups = computed(() => [
    { title: '', rows: wholeRows(this.columns(), this.first(), this.scheme(), this.hand()) },
    {
      title: SAY.meanTurnsByStageAnd,
      rows: stageRows(this.columns(), this.first(), this.scheme()),
    },
  ]);
  /** The parts of a solve the chart can show: all of it, and every stage of any of the methods. */
  protected readonly parts = computed((): readonly Option<string>[] => {
    const met = new Set(
      this.columns().flatMap(({ survey }) => survey?.stages.map(({ stage }) => stage) ?? []),
    );
    return [
      { value: WHOLE, name: SAY.wholeSolve },
      ...STAGES.filter((stage) => met.has(stage)).map((stage) => ({
        value: stage,
        name: stageWords(stage, this.first(), this.scheme()).title,
      })),
    ];
  });
  /** Each method's turns in the part chosen, and what has to be learned for that part. */
  protected readonly ridges = computed((): RidgeOf[] => {
    const part = this.part();
    return this.columns().map(({ method, survey }) => {
      const approaches = approachesOf(method).filter(
        ({ stage }) => part === WHOLE || stage === part,
      );
      const { sequences, cases } = demandsOf(approaches);
      const turns =
        part === WHOLE ? survey?.turns : survey?.stages.find(({ stage }) => stage === part)?.turns;
      const missing = approaches.length === 0;
      return { name: shortTitle(method), turns: turns ?? null, missing, sequences, cases };
    });
  });
  /** A named method that is not compared yet. */
  protected readonly other = computed(() => {
    const here = new Set(this.columns().map(({ method }) => method.id));
    return METHODS.find(({ id }) => !here.has(id)) ?? DEFAULT_METHOD;
  });

  constructor() {
    this.add(this.store.selectSignal(selectMethodChosen)());
    this.add(this.other());
  }

  protected add(method: Method): void {
    if (this.columns().length >= MOST_COLUMNS) return;
    const key = this.nextKey++;
    this.columns.update((columns) => [
      ...columns,
      { key, method, survey: null, share: null, trouble: null, seeing: null },
    ]);
    this.survey(key, method);
  }

  protected replace(key: number, chosen: MethodChosen): void {
    const method = methodOf(chosen);
    if (!method) return;
    this.patch(key, { method, survey: null, trouble: null, seeing: null });
    this.survey(key, method);
  }

  protected remove(key: number): void {
    this.columns.update((columns) => columns.filter((column) => column.key !== key));
  }

  protected mixed(method: Method): void {
    this.building.set(false);
    this.add(method);
  }

  private patch(key: number, change: Partial<Column>): void {
    this.columns.update((columns) =>
      columns.map((column) => (column.key === key ? { ...column, ...change } : column)),
    );
  }

  protected survey(key: number, method: Method): void {
    const current = (): boolean =>
      this.columns().some((column) => column.key === key && column.method === method);
    this.patch(key, { share: 0, trouble: null });
    this.work
      .survey(method, (share) => current() && this.patch(key, { share }))
      .then((survey) => {
        if (!current()) return;
        this.patch(key, { survey, share: null });
        void this.see(method, survey).then((seeing) => current() && this.patch(key, { seeing }));
      })
      .catch((error: unknown) => {
        const trouble = error instanceof Stopped ? 'Stopped.' : (error as Error).message;
        if (current()) this.patch(key, { trouble, share: null });
      });
  }

  /** How many stickers a solve looks at to decide: its looks in each stage, times what one takes. */
  private async see(method: Method, survey: MethodSurvey): Promise<Column['seeing']> {
    let mean = 0;
    let worst = 0;
    for (const [k, approach] of approachesOf(method).entries()) {
      const one = await this.learning.glanceFigures(approach, 'around').catch(() => null);
      if (!one) return null;
      mean += survey.stages[k]!.looks * one.mean;
      worst = Math.max(worst, one.worst);
    }
    return { mean, worst };
  }

  protected stop(): void {
    this.work.stopSurveys();
  }

  protected readonly isBusy = computed(() => this.columns().some(({ share }) => share !== null));

  protected async use(method: Method): Promise<void> {
    if (!(await this.consent.given(method.title, proofOf(method, this.own())))) return;
    const named = METHODS.some(({ id }) => id === method.id);
    this.store.dispatch(
      SettingsPage.settingChanged({ change: { method: copied(named ? method.id : method) } }),
    );
  }

  protected isUsed({ method }: Column): boolean {
    const { method: used } = this.reader();
    return (typeof used === 'string' ? used : used.id) === method.id;
  }

  protected toWorkshop({ method }: Column): void {
    void this.router.navigate(['/workshop'], { state: { method: copied(method) } });
  }

  protected saveCsv(): void {
    const rows = this.groups().flatMap((group) => group.rows);
    const csv = Papa.unparse(tableOf(this.columns(), rows), { newline: '\r\n' });
    saveText(csv, 'sleetcrest-methods.csv');
  }
}
