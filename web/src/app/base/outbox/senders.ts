import { InjectionToken } from '@angular/core';
import type { Kind, Sender } from './change';

/** How each kind of change is sent. */
export type Senders = { readonly [K in Kind]: Sender<K> };

/** Given by the subjects, which stand above. */
export const SENDERS = new InjectionToken<Senders>('senders');
