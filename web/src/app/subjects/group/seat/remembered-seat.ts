import { signal } from '@angular/core';

const SEAT = 'sleetcrest.seat';
const HAND = 'sleetcrest.seat.hand';

/** Whether somebody sits, or sat before the page was loaded: only then is anything of it fetched. */
export const isSeated = signal(read(SEAT) !== null);

export const seatRemembered = (): string | null => read(SEAT);
/** Whether the hand was up as somebody wanted it, before the page was loaded. */
export const handRemembered = (): boolean => read(HAND) !== null;

export function rememberSeat(live: string): void {
  keep(SEAT, live);
  isSeated.set(true);
}

export function rememberHand(isUp: boolean): void {
  if (isUp) keep(HAND, 'up');
  else forget(HAND);
}

export function forgetSeat(): void {
  forget(SEAT);
  forget(HAND);
  isSeated.set(false);
}

function keep(name: string, value: string): void {
  try {
    localStorage.setItem(name, value);
  } catch {
    // Then it is lost with the page.
  }
}

function forget(name: string): void {
  try {
    localStorage.removeItem(name);
  } catch {
    // Nothing was remembered.
  }
}

function read(name: string): string | null {
  try {
    return localStorage.getItem(name);
  } catch {
    return null;
  }
}
