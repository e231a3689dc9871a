import { signal } from '@angular/core';
import * as z from 'zod';
import { kept } from '../../../base/storage/kept';

const seat = kept('sleetcrest.seat', z.string(), 'text');
const hand = kept('sleetcrest.seat.hand', z.string(), 'text');

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
