import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatIcon } from '@angular/material/icon';
import type { Present } from '@sleetcrest/contract/table';
import { skyline } from '@sleetcrest/core';
import { type Here, stateAtTable, type StateAtTable } from '@sleetcrest/core/group/board';
import { SAY } from './words';

/** A learner on the board, with what is reckoned from when they told it. */
export interface Person extends Present {
  readonly place: Here;
  /** After how many milliseconds in one step they are stuck. */
  readonly usual: number;
}

export function personOf(present: Present): Person {
  const { here, since, handAt, toldAt } = present;
  return {
    ...present,
    place: {
      doing: here?.doing ?? 'idle',
      at: here?.at ?? 0,
      of: here?.of ?? 0,
      since: Date.parse(since),
      told: Date.parse(toldAt),
      hand: handAt === null ? null : Date.parse(handAt),
    },
    usual: (here?.usualSeconds ?? 180) * 1000,
  };
}

const DOING: Record<Here['doing'], string> = {
  idle: 'idle',
  walk: 'walking',
  lesson: SAY.inALesson,
  practice: 'practising',
  solve: 'solving',
  done: 'done',
};
const PEAKS = 5;

/** One learner on the board: a small ridge walked so far, what they are at, and for how long. */
@Component({
  selector: 'sc-board-person',
  imports: [MatIcon],
  template: `
    <button class="card" [class]="state()" [attr.aria-label]="says()" (click)="picked.emit()">
      <span class="name">
        {{ person().name }}
        @if (person().guest) {
          <small>{{ say.guest }}</small>
        }
      </span>
      <svg viewBox="0 0 1000 100" preserveAspectRatio="none" aria-hidden="true">
        @for (rise of rises; track $index) {
          <path class="ahead" [attr.d]="rise.path" />
        }
        <clipPath [id]="clip()"><rect x="0" y="0" [attr.width]="walked()" height="100" /></clipPath>
        <g [attr.clip-path]="'url(#' + clip() + ')'">
          @for (rise of rises; track $index) {
            <path class="walked" [attr.d]="rise.path" />
          }
        </g>
      </svg>
      <span class="what">{{ what() }}</span>
      <span class="how">
        @if (state() === 'hand') {
          <mat-icon svgIcon="hand" />{{ say.handUp({ hand: minutes(person().place.hand!) }) }}
        } @else if (state() === 'stuck') {
          {{ say.stuck({ since: minutes(person().place.since) }) }}
        } @else if (state() === 'away') {
          {{ say.offline({ told: minutes(person().place.told) }) }}
        } @else if (state() === 'idle') {
          –
        } @else {
          {{ minutes(person().place.since) }}
        }
      </span>
    </button>
  `,
  styleUrl: './board-person.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BoardPerson {
  protected readonly say = SAY;
  readonly person = input.required<Person>();
  /** The server's clock, milliseconds. */
  readonly now = input.required<number>();
  /** Until when the board has heard anything; the server's clock. */
  readonly heard = input.required<number>();
  readonly picked = output();

  protected readonly rises = skyline(Array.from({ length: PEAKS }, () => 1));
  protected readonly clip = computed(() => `walked-${this.person().id}`);
  protected readonly state = computed((): StateAtTable => {
    const { place, usual } = this.person();
    return stateAtTable(place, usual, this.now(), this.heard());
  });
  protected readonly walked = computed(() => {
    const { doing, at, of } = this.person().place;
    return doing === 'done' ? 1000 : of > 0 ? (1000 * Math.min(at, of)) / of : 0;
  });
  protected readonly what = computed(() => {
    const { here, place } = this.person();
    if (!here || place.doing === 'idle') return DOING[place.doing];
    const far = place.of > 0 ? ` ${place.at}/${place.of}` : place.at > 0 ? ` ${place.at}` : '';
    return `${here.title || DOING[place.doing]}${far}`;
  });
  protected readonly says = computed(
    () => `${this.person().name}: ${STATES[this.state()]}, ${this.what()}`,
  );

  protected minutes(since: number): string {
    const minutes = Math.max(0, Math.floor((this.now() - since) / 60_000));
    return minutes === 0 ? SAY.justNow : SAY.min({ minutes });
  }
}

const STATES: Record<StateAtTable, string> = {
  hand: SAY.handUp2,
  stuck: 'stuck',
  done: 'done',
  idle: 'idle',
  well: SAY.atIt,
  away: 'offline',
};
