import { signal } from '@angular/core';
import { keptText } from '../../../base/storage/kept';

const seat = keptText('sleetcrest.seat');
const hand = keptText('sleetcrest.seat.hand');

/** Whether somebody sits, or sat before the page was loaded: only then is anything of it fetched. */
export const isSeated = signal(seat.read() !== undefined);

export const seatRemembered = (): string | null => seat.read() ?? null;
/** Whether the hand was up as somebody wanted it, before the page was loaded. */
export const handRemembered = (): boolean => hand.read() !== undefined;

export function rememberSeat(live: string): void {
  seat.keep(live);
  isSeated.set(true);
}

export function rememberHand(isUp: boolean): void {
  if (isUp) hand.keep('up');
  else hand.forget();
}

export function forgetSeat(): void {
  seat.forget();
  hand.forget();
  isSeated.set(false);
}
