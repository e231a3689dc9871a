import { type Move, readMoves, writeMoves } from '../../puzzle/notation/index.js';

/** A word for one turn of a sequence, or for several that go together. */
export interface Word {
  /** How many of the moves it is said over, turns of the whole cube among them. */
  turns: number;
  says: string;
}

/** A teacher's own words for a sequence, by which it is remembered. */
export interface Saying {
  /** The sequence in the prime dialect. */
  sequence: string;
  /** A short name for all of it. */
  name: string;
  words: readonly Word[];
}

/** How two sequences are compared: as they are turned, however they were written. */
export function sequenceKey(sequence: string): string {
  const read = readMoves(sequence);
  return read.ok ? writeMoves(read.value) : sequence;
}

/** The saying of a sequence among some, the first that has it. */
export const sayingOf = (sequence: string, sayings: readonly Saying[]): Saying | undefined => {
  const key = sequenceKey(sequence);
  return key === '' ? undefined : sayings.find((one) => sequenceKey(one.sequence) === key);
};

/** Which word is said over each move: its number, or −1 where the words do not reach. */
export function wordsOver({ words }: Saying, moves: readonly Move[]): number[] {
  const over = words.flatMap(({ turns }, word) => new Array<number>(turns).fill(word));
  return moves.map((_, k) => over[k] ?? -1);
}

/** Words as they are written in one line: `open the book · turn a page ×4 · close the book`. */
export const writeWords = (words: readonly Word[]): string =>
  words.map(({ turns, says }) => (turns === 1 ? says : `${says} ×${turns}`)).join(' · ');

/** Reads words written in one line; each is of one turn unless it ends with a count. */
export function readWords(text: string): Word[] {
  return text
    .split(/[·/\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '')
    .map((part): Word => {
      const [, says, count] = /^(.*?)\s*[×x*]\s*(\d{1,2})$/.exec(part) ?? [];
      return says ? { says, turns: Math.max(1, Number(count)) } : { says: part, turns: 1 };
    });
}

/** What is wrong with sayings, in a sentence. */
export interface SayingProblem {
  sequence: string;
  says: string;
}

/** Of so many words in a row that two sayings share, they are mixed up. */
const ALIKE = 0.6;

/**
 * What would lead a learner astray: words that do not cover the turns of their sequence, and
 * sayings of two sequences that cannot be told apart, by their names or by most of their words.
 */
export function sayingProblems(sayings: readonly Saying[]): SayingProblem[] {
  return sayings.flatMap((one, k) => [
    ...coverage(one),
    ...sayings.slice(0, k).flatMap((other) => likeness(one, other)),
  ]);
}

function coverage({ sequence, words }: Saying): SayingProblem[] {
  const read = readMoves(sequence);
  if (!read.ok) return [{ sequence, says: read.error.message }];
  const covered = words.reduce((sum, { turns }) => sum + turns, 0);
  const turns = read.value.length;
  if (covered === turns) return [];
  const how = covered < turns ? 'only' : 'even';
  return [{ sequence, says: `Its words cover ${how} ${covered} of ${turns} turns.` }];
}

const plain = (text: string): string =>
  text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^\p{L}\p{N} ]/gu, '')
    .trim();

function likeness(one: Saying, other: Saying): SayingProblem[] {
  if (sequenceKey(one.sequence) === sequenceKey(other.sequence)) return [];
  const { sequence } = one;
  if (plain(one.name) !== '' && plain(one.name) === plain(other.name)) {
    return [{ sequence, says: `“${one.name}” is also the name of ${other.sequence}.` }];
  }
  const [a, b] = [one, other].map(({ words }) => words.map(({ says }) => plain(says)));
  const shared = inOrder(a!, b!);
  if (shared === 0 || shared / Math.max(a!.length, b!.length) < ALIKE) return [];
  return [
    {
      sequence,
      says: `Its words cannot be told apart from those of ${other.sequence}, “${other.name}”.`,
    },
  ];
}

/** How many words of both come in the same order. */
function inOrder(a: readonly string[], b: readonly string[]): number {
  let before = new Array<number>(b.length + 1).fill(0);
  for (const word of a) {
    const now = [0];
    b.forEach((other, k) => {
      now.push(word === other ? before[k]! + 1 : Math.max(before[k + 1]!, now[k]!));
    });
    before = now;
  }
  return before[b.length]!;
}
