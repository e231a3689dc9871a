import { ChangeDetectionStrategy, Component, input, output } from '@angular/core';
import { MatCheckbox } from '@angular/material/checkbox';
import { MatFormField, MatInput, MatLabel } from '@angular/material/input';
import type { Member } from '@sleetcrest/contract/accounts';
import type { SessionPlanDocument } from '@sleetcrest/contract/table';
import { LEAST_MINUTES, MOST_MINUTES } from '@sleetcrest/core/group/planning';
import { DateField } from '../../../ui/fields/date-field';
import { TimeField } from '../../../ui/fields/time-field';
import { without, written } from './draft';
import { SAY } from './words';

/** A number of a plan that the coach tells, and its bounds. */
interface Bounded {
  name: 'minutes' | 'cubes';
  label: string;
  least: number;
  most: number;
}
const NUMBERS: readonly Bounded[] = [
  { name: 'minutes', label: SAY.minutes, least: LEAST_MINUTES, most: MOST_MINUTES },
  { name: 'cubes', label: SAY.cubes, least: 1, most: 200 },
];

/** What a session is planned for: when, how long, with how many cubes, and who comes. */
@Component({
  selector: 'sc-plan-asked',
  imports: [DateField, MatCheckbox, MatFormField, MatInput, MatLabel, TimeField],
  templateUrl: './plan-asked.html',
  styleUrl: './plan-asked.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PlanAsked {
  protected readonly say = SAY;
  readonly plan = input.required<SessionPlanDocument>();
  readonly learners = input.required<readonly Member[]>();
  readonly changed = output<Partial<SessionPlanDocument>>();
  /** People, minutes and cubes: what was proposed for others says nothing of these. */
  readonly askedChanged = output<Partial<SessionPlanDocument>>();
  protected readonly numbers = NUMBERS;

  protected number(field: HTMLInputElement, { name, least, most }: Bounded): void {
    const given = Math.min(most, Math.max(least, Math.round(field.valueAsNumber)));
    if (!Number.isNaN(given)) {
      this.askedChanged.emit({ [name]: given, ...(name === 'minutes' ? { tables: [] } : {}) });
    }
    field.value = String(this.plan()[name]);
  }

  protected comes(id: string, on: boolean): void {
    const plan = this.plan();
    const comes = on ? [...plan.comes, id] : plan.comes.filter((one) => one !== id);
    const tables = on ? plan.tables : written(without(plan.tables, id));
    this.askedChanged.emit({ comes, tables });
  }
}
