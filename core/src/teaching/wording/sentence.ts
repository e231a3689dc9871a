import type { Claim } from './claim.js';

/** A sentence and what it says. */
export interface Sentence {
  says: string;
  so: readonly Claim[];
}

/** Sentences one after the other; a text alone says nothing that can be checked. */
export type Lines = string | readonly Sentence[];

/** A sentence that is written from these claims. */
export const say = (says: string, ...so: Claim[]): Sentence => ({ says, so });

/** Lines as sentences: a text alone is one without claims. */
export const sentencesOf = (lines: Lines): readonly Sentence[] =>
  typeof lines === 'string' ? (lines === '' ? [] : [{ says: lines, so: [] }]) : lines;

/** Lines as they are read. */
export const textOf = (lines: Lines): string =>
  sentencesOf(lines)
    .map(({ says }) => says)
    .join(' ');

/**
 * Lines told anew as one text: a sentence that stays where it was keeps its claims, also where its
 * words change; if sentences were added or taken away, those that stay as they were keep theirs.
 */
export function retold(lines: Lines, text: string): Lines {
  const before = sentencesOf(lines);
  const after = text.split(/(?<=[.!?])\s+/).filter((says) => says !== '');
  if (before.every(({ so }) => so.length === 0)) return text;
  return after.map((says, k): Sentence => {
    const same = before.find((one) => one.says === says);
    const there = after.length === before.length ? before[k] : undefined;
    return { says, so: (same ?? there)?.so ?? [] };
  });
}
