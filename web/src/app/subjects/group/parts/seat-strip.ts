import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButton } from '@angular/material/button';
import { MatIcon } from '@angular/material/icon';
import { format } from 'date-fns';
import { Notices } from '../../../base/dialogs/notices';
import { Seat } from '../seat/seat';
import { TakeUp } from '../seat/take-up';
import { SAY } from './words';

/** While one sits at a table: the hand, and what the coach shows, as an offer. */
@Component({
  selector: 'sc-seat-strip',
  imports: [MatButton, MatIcon],
  template: `
    @if (seat.session(); as session) {
      <aside [attr.aria-label]="say.yourSeatAtTheTable">
        <span class="at">{{ session.groupName }}</span>
        <button
          matButton="outlined"
          class="hand"
          [class.up]="seat.hand()"
          [attr.aria-pressed]="seat.hand()"
          [title]="say.keyH"
          (click)="seat.toggleHand()"
        >
          <mat-icon svgIcon="hand" />{{ seat.hand() ? say.yourHandIsUp : say.raiseYourHand }}
        </button>
        @if (!seat.isHeard()) {
          <span role="status">{{ say.sending }}</span>
        } @else if (seat.isBehind()) {
          <span role="status">{{ say.theTableCannotBeReached }}</span>
        }
        @if (seat.offer(); as offer) {
          <span class="offer" role="status">
            <b>{{ offer.words }}</b>
            <button matButton="filled" (click)="look()">{{ say.look }}</button>
            <button matButton (click)="seat.settle(offer)">{{ say.notNow }}</button>
          </span>
        }
        @if (session.showsTimes && seat.others().length > 0) {
          <details>
            <summary>{{ say.others({ others: seat.others().length }) }}</summary>
            <ul>
              @for (one of seat.others(); track one.id) {
                <li>
                  <b>{{ one.name }}</b>
                  {{ say.since({ title: one.here?.title ?? '', since: clock(one.since) }) }}
                </li>
              }
            </ul>
          </details>
        }
        <span class="gap"></span>
        <button matButton (click)="getUp()">{{ say.leave }}</button>
      </aside>
    }
  `,
  styles: `
    @use 'blocks';

    aside {
      @include blocks.row(4px 14px);
      padding: 4px 16px;
      border-bottom: 2px solid var(--accent);
      background: var(--surface);
    }
    .at {
      font-weight: 700;
    }
    .hand.up {
      background: var(--accent-soft);
    }
    .offer {
      @include blocks.set-off($loud: true);
      @include blocks.row(8px);
      padding: 2px 12px;
    }
    ul {
      @include blocks.plain-list;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SeatStrip {
  protected readonly say = SAY;
  protected readonly seat = inject(Seat);
  private readonly up = inject(TakeUp);
  private readonly notices = inject(Notices);

  constructor() {
    void this.seat.resume();
  }

  /** When a step was begun, by the clock on the wall. */
  protected clock(since: string): string {
    return format(new Date(since), 'HH:mm:ss');
  }

  protected look(): void {
    const offer = this.seat.offer();
    if (!offer) return;
    this.seat.settle(offer);
    this.up.go(offer);
  }

  protected async getUp(): Promise<void> {
    await this.seat.getUp();
    void this.notices.say(SAY.youHaveLeftWhatYou);
  }
}
