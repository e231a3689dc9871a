import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import { DEFAULT_METHOD, methodOf } from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { selectMethodChosen } from '../method';
import type { Whose } from '../method/work';
import { methodTitles } from './method-titles';
import { GroupStore } from './group-store';

/** How the cases and stages of the group's method are called. */
@Injectable({ providedIn: 'root' })
export class GroupTitles {
  private readonly groups = inject(GroupStore);
  private readonly own = inject(Store).selectSignal(selectMethodChosen);
  readonly method = computed(() => {
    const chosen = this.groups.group()?.method;
    if (chosen === undefined) return this.own();
    return methodOf(chosen) ?? DEFAULT_METHOD;
  });
  readonly approaches = computed(() => approachesOf(this.method()));
  /** Whose cases they are, to be shown with their pictures. */
  readonly whose = computed((): Whose => {
    const group = this.groups.group();
    return group ? { method: group.method, firstColour: group.firstColour } : {};
  });
  private readonly titles = computed(() =>
    methodTitles(this.method(), this.groups.group()?.firstColour),
  );
  readonly of = (id: string): string => this.titles()(id);
}
