import { computed, inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Group, Right } from '@sleetcrest/contract/accounts';
import { firstValueFrom } from 'rxjs';
import { AccountApi, accountFeature } from '../account';
import { reading } from '../../base/reading/reading';
import { Held } from '../../base/reading/held';

const REMEMBERED = 'sleetcrest.table';

/** The groups one teaches or belongs to, and which of them is looked at. */
@Injectable({ providedIn: 'root' })
export class TableGroups {
  private readonly api = inject(AccountApi);
  private readonly held = inject(Held);
  private readonly store = inject(Store);
  readonly whose = this.store.selectSignal(accountFeature.selectWhose);
  readonly account = this.store.selectSignal(accountFeature.selectAccount);
  private readonly read_ = reading(
    () => this.whose() ?? undefined,
    () => firstValueFrom(this.held.or('groups', this.api.groups())),
  );
  readonly trouble = this.read_.trouble;
  readonly isBusy = this.read_.isBusy;
  readonly all = computed((): readonly Group[] => (this.whose() ? (this.read_.value() ?? []) : []));
  /** Those one teaches that go on, and those that are put away. */
  readonly taught = computed(() =>
    this.all().filter(({ rights, archivedAt }) => rights.length > 0 && archivedAt === null),
  );
  readonly away = computed(() => this.all().filter(({ archivedAt }) => archivedAt !== null));
  readonly joined = computed(() => this.all().filter(({ rights }) => rights.length === 0));
  private readonly chosen = signal(localStorage.getItem(REMEMBERED));
  /** The group that is looked at: the one chosen last, or the first. */
  readonly group = computed(
    () => this.taught().find(({ id }) => id === this.chosen()) ?? this.taught().at(0),
  );
  readonly isKnown = computed(
    () => this.whose() === null || this.read_.value() !== undefined || this.trouble() !== null,
  );

  choose(id: string): void {
    localStorage.setItem(REMEMBERED, id);
    this.chosen.set(id);
  }

  may(right: Right): boolean {
    return this.group()?.rights.includes(right) ?? false;
  }

  again(): void {
    this.read_.again();
  }

  /** Puts a group that was changed in the place of what was read. */
  changed(group: Group): void {
    const others = this.all().map((one) => (one.id === group.id ? group : one));
    this.read_.set(others.some(({ id }) => id === group.id) ? others : [...others, group]);
  }
}
