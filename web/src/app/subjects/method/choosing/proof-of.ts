import type { ProofState, SavedMethod } from '@sleetcrest/contract';
import type { Method } from '@sleetcrest/core';

/** What is known of a method: one of built-in approaches is proved, another as it was saved. */
export function proofOf(method: Method, saved: readonly SavedMethod[]): ProofState {
  if (method.approaches.every((one) => typeof one === 'string')) return 'proved';
  return saved.find((one) => one.method.id === method.id)?.proof ?? 'unproved';
}
