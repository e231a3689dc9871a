import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  DEFAULT_METHOD,
  methodById,
  sideOfColour,
  STAGES,
  stageWords,
  STANDARD_SCHEME,
} from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { selectMethodChosen } from '../method';
import { GroupStore } from './group-store';

/** How the cases and stages of the group's method are called. */
@Injectable({ providedIn: 'root' })
export class GroupTitles {
  private readonly groups = inject(GroupStore);
  private readonly own = inject(Store).selectSignal(selectMethodChosen);
  readonly method = computed(() => {
    const chosen = this.groups.group()?.method;
    if (chosen === undefined) return this.own();
    return typeof chosen === 'string' ? (methodById(chosen) ?? DEFAULT_METHOD) : chosen;
  });
  readonly approaches = computed(() => approachesOf(this.method()));
  private readonly titles = computed(() => {
    const first = sideOfColour(STANDARD_SCHEME, this.groups.group()?.firstColour ?? 'white');
    return new Map<string, string>([
      ...STAGES.map((stage): [string, string] => [
        stage,
        stageWords(stage, first, STANDARD_SCHEME).title,
      ]),
      ...this.approaches().flatMap(({ cases }) =>
        cases.map(({ id, title }): [string, string] => [id, title]),
      ),
    ]);
  });
  readonly of = (id: string): string => this.titles().get(id) ?? id;
}
