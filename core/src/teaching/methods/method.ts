import type { Approach } from '../approaches/index.js';
import type { Saying } from '../sayings/index.js';

/** A method document, `sleetcrest/method@1`: each approach a built-in one's id, or written out. */
export interface Method {
  format: 'sleetcrest/method@1';
  id: string;
  title: string;
  approaches: readonly (string | Approach)[];
  /** Its teacher's words for sequences. */
  sayings?: readonly Saying[] | undefined;
}
