import {
  ChangeDetectionStrategy,
  Component,
  computed,
  inject,
  output,
  signal,
} from '@angular/core';
import { FormsModule } from '@angular/forms';
import { MatButton } from '@angular/material/button';
import type { NameSlips } from '@sleetcrest/contract/table';
import { v4 as uuid } from 'uuid';
import { action } from '../../../base/reading/action';
import { GroupApi, GroupStore } from '../../../subjects/group';
import { Trouble } from '../../../ui/trouble';
import { markTaken, readClass, type ListRow } from './class-list';
import { SAY } from './words';

/** Brings a whole class into the group: names typed, pasted or opened, looked at before they are added. */
@Component({
  selector: 'sc-class-adder',
  imports: [FormsModule, MatButton, Trouble],
  template: `
    <sc-trouble [of]="action.trouble()" />
    <p class="quiet">
      {{ say.aNameOnEachLine }}
    </p>
    <textarea
      class="words"
      [attr.aria-label]="say.namesOneOnEachLine"
      rows="5"
      [ngModel]="pasted()"
      (ngModelChange)="pasted.set($event); rows.set(null)"
    ></textarea>
    <div class="go">
      <button
        matButton="outlined"
        [disabled]="action.busy() || pasted().trim() === ''"
        (click)="look()"
      >
        {{ say.checkTheList }}
      </button>
      <label class="file">
        <input
          #list
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          (change)="file(list.files)"
        />
        {{ say.openAFile }}
      </label>
    </div>
    @if (rows(); as all) {
      <ul class="found" [attr.aria-label]="say.whatIsInTheList">
        @for (row of all; track row.line) {
          <li [class.bad]="row.wrong">
            <span class="mono">{{ row.line }}</span> <b>{{ row.name }}</b>
            @if (row.wrong; as why) {
              <span>{{ why }}</span>
              @if (row.free; as free) {
                <button matButton (click)="rename(row)">{{ say.use({ free }) }}</button>
              }
            } @else {
              <span class="quiet">{{ say.willBeAdded }}</span>
            }
          </li>
        } @empty {
          <li class="bad">{{ say.thereAreNoNamesIn }}</li>
        }
      </ul>
      <button matButton="filled" [disabled]="action.busy() || good().length === 0" (click)="add()">
        {{ say.addLearners({ learners: good().length }) }}
      </button>
    }
  `,
  styleUrls: ['../table-page.scss', './roster.scss', './part.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClassAdder {
  protected readonly say = SAY;
  /** The slips to hand out, of those who were added. */
  readonly added = output<NameSlips['slips']>();

  private readonly groups = inject(GroupStore);
  private readonly api = inject(GroupApi);
  protected readonly action = action();
  protected readonly pasted = signal('');
  protected readonly rows = signal<readonly ListRow[] | null>(null);
  protected readonly good = computed(() =>
    (this.rows() ?? []).filter(({ wrong }) => wrong === null),
  );
  private last: { id: string; name: string }[] = [];

  protected async file(list: FileList | null): Promise<void> {
    const file = list?.[0];
    if (file) this.pasted.set(await file.text());
    await this.look();
  }

  /** Shows what would be added, and what is wrong with the rest. */
  protected async look(): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    const here = group.learners.map(({ name }) => name);
    const rows = readClass(this.pasted(), here);
    this.rows.set(rows);
    const names = rows.filter(({ wrong }) => wrong === null).map(({ name }) => name);
    if (names.length === 0) return;
    await this.action.run(async () => {
      const { taken } = await this.api.checkNames(group.id, names);
      this.rows.set(markTaken(rows, taken));
    });
  }

  protected rename(row: ListRow): void {
    this.rows.update((all) =>
      (all ?? []).map((one) =>
        one === row ? { ...one, name: row.free!, wrong: null, free: null } : one,
      ),
    );
  }

  protected async add(): Promise<void> {
    const group = this.groups.group();
    if (!group) return;
    const learners = this.sent(this.good().map(({ name }) => name));
    await this.action.run(async () => {
      const { slips } = await this.api.addLearners(group.id, { learners });
      this.added.emit(slips);
      this.groups.again();
    });
  }

  /** The same list sent again is the same request, so that a lost answer makes nobody twice. */
  private sent(names: readonly string[]): { id: string; name: string }[] {
    const same =
      this.last.length === names.length && this.last.every(({ name }, k) => name === names[k]);
    if (!same) this.last = names.map((name) => ({ id: uuid(), name }));
    return this.last;
  }
}
