import { CdkDrag } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, inject, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatFormField, MatLabel } from '@angular/material/form-field';
import { MatOptgroup, MatOption, MatSelect, MatSelectTrigger } from '@angular/material/select';
import type { PlanReason, PlanTable, Prepared, Slot } from '@sleetcrest/core/group/planning';
import isEqual from 'fast-deep-equal';
import { GroupTitles } from '../../../subjects/group';
import { SOLVES } from './draft';
import { casesOfSlot, slotKindWords, slotWords } from './plan-words';
import { CaseName } from '../../../subjects/method/parts/case-name';
import { SAY } from './words';

/** One table of a plan: who sits at it, what it does in each block and why, and the cubes to prepare. */
@Component({
  selector: 'sc-plan-table',
  imports: [
    CaseName,
    CdkDrag,
    MatButton,
    MatFormField,
    MatLabel,
    MatOptgroup,
    MatOption,
    MatSelect,
    MatSelectTrigger,
  ],
  templateUrl: './plan-table.html',
  styleUrl: './plan-table.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlanTableView {
  protected readonly say = SAY;
  readonly table = input.required<PlanTable>();
  /** Which of the tables it is, from 0. */
  readonly number = input.required<number>();
  readonly mayChange = input.required<boolean>();
  readonly nameOf = input.required<(id: string) => string>();
  /** By learner, a sentence for each block; undefined while they are thought of. */
  readonly reasons = input<readonly (readonly PlanReason[])[]>();
  /** By block, the cubes to prepare. */
  readonly prepared = input<readonly (readonly Prepared[])[]>();
  /** Who is moved by keyboard or touch, without dragging. */
  readonly moving = input.required<string | null>();
  /** Somebody is to be moved, or not any more. */
  readonly chosen = output<string | null>();
  /** Who is to be moved comes here. */
  readonly brought = output<string>();
  readonly changed = output<{ block: number; slot: Slot }>();

  private readonly titles = inject(GroupTitles);
  protected readonly solves = SOLVES;
  protected readonly isSame = isEqual;

  /** What a slot can be changed to. */
  protected readonly choices = computed(() =>
    this.titles.approaches().map(({ stage, cases }) => ({
      title: this.titles.of(stage),
      slots: cases.flatMap(({ id }): Slot[] => [
        { kind: 'new', case: id, other: '' },
        { kind: 'firm', case: id, other: '' },
      ]),
    })),
  );

  protected readonly whose = this.titles.whose;
  protected readonly kindWords = slotKindWords;

  protected readonly casesOf = casesOfSlot;

  protected words(slot: Slot): string {
    return slotWords(slot, this.titles.of);
  }
}
