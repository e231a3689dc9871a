import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButton } from '@angular/material/button';
import type { ChangeEntry } from '@sleetcrest/contract/log';
import { clockText } from '../../base/words/clock-text';
import { reading } from '../../base/reading/reading';
import { type AccountLog, TOLD_WORDS } from '../../subjects/log';
import { momentSaid } from '../../base/words/days';
import { SAY } from './words';

/** What a record said before, or was told on another device meanwhile: it can be taken back. */
@Component({
  selector: 'sc-entry-history',
  imports: [MatButton],
  template: `
    @if (lines().length > 0) {
      <details>
        <summary>{{ say.saidBefore({ lines: lines().length }) }}</summary>
        <ul>
          @for (line of lines(); track $index) {
            <li>
              <span>{{ line.says }}</span>
              <span class="quieter">{{ line.at }}</span>
              <button matButton type="button" (click)="takenBack.emit(line.change)">
                {{ say.takeBack }}
              </button>
            </li>
          }
        </ul>
      </details>
    }
  `,
  styles: `
    summary {
      color: var(--quiet);
      cursor: pointer;
    }
    ul {
      margin: 4px 0 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      gap: 10px;
      align-items: center;
      border-bottom: 1px solid var(--line);
    }
    li > :first-child {
      flex: 1;
      overflow-wrap: anywhere;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EntryHistory {
  protected readonly say = SAY;
  readonly of = input.required<string>();
  readonly log = input.required<Pick<AccountLog, 'history'>>();
  readonly takenBack = output<ChangeEntry>();

  private readonly told = reading(
    () => ({ id: this.of(), log: this.log() }),
    ({ id, log }) => log.history(id),
  );
  protected readonly lines = computed(() =>
    (this.told.value()?.items ?? [])
      .filter(({ counts }) => !counts)
      .map(({ change, at }) => ({
        change,
        says: sayChange(change),
        at: momentSaid(at),
      })),
  );
}

const NAMES: Record<string, string> = {
  time: SAY.time,
  outcome: SAY.ended,
  reason: SAY.reason,
  method: SAY.method,
  turns: SAY.turns,
  tags: SAY.tags,
  ...Object.fromEntries(TOLD_WORDS.map(({ field, name }) => [field, name])),
};
const OUTCOMES = { finished: 'finished', unfinished: SAY.notFinished, aside: SAY.notCounted };

/** What was told, by the names of the fields above it. */
export function sayChange(change: ChangeEntry): string {
  return Object.entries(change)
    .filter(([key, value]) => !(key === 'reason' && value === ''))
    .map(([key, value]) => `${NAMES[key]}: ${sayValue(key, value)}`)
    .join(', ');
}

function sayValue(key: string, value: unknown): string {
  if (key === 'time') return value === null ? SAY.none : clockText(value as number);
  if (key === 'outcome') return OUTCOMES[value as keyof typeof OUTCOMES];
  const text = Array.isArray(value) ? value.join('; ') : String(value);
  return text === '' ? SAY.nothing : `“${text.length > 60 ? `${text.slice(0, 59)}…` : text}”`;
}
