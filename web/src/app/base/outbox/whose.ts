import { InjectionToken, type Signal } from '@angular/core';

/**
 * Who is signed in here: an account's id, null for a guest, undefined while it is not known. Given by
 * the account, which stands above.
 */
export const WHOSE = new InjectionToken<Signal<string | null | undefined>>('whose');
