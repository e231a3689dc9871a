import { signal } from '@angular/core';

const SEAT = 'sleetcrest.seat';

/** Whether somebody sits, or sat before the page was loaded: only then is anything of it fetched. */
export const isSeated = signal(read() !== null);

export const seatRemembered = read;

export function rememberSeat(live: string): void {
  try {
    localStorage.setItem(SEAT, live);
  } catch {
    // Then the seat is lost with the page.
  }
  isSeated.set(true);
}

export function forgetSeat(): void {
  try {
    localStorage.removeItem(SEAT);
  } catch {
    // Nothing was remembered.
  }
  isSeated.set(false);
}

function read(): string | null {
  try {
    return localStorage.getItem(SEAT);
  } catch {
    return null;
  }
}
