import { fail, ok, type Result, SIDE_LETTERS, TURN_COUNT } from '../cube/index.js';
import { invertMove, invertMoves, type Move, MOVES } from './moves.js';
import { writeMove } from './write.js';
import { SAY } from './words.js';

/** A token that is no turn, and where it stands (0 is the first character). */
export interface NotationError {
  token: string;
  at: number;
  message: string;
}

/** Longer input is refused rather than expanded: no cube needs it, and brackets nest. */
const MOST_MOVES = 10_000;

const LETTERS = SIDE_LETTERS + 'xyz';
const PRIMES = "'’‘′`´";

// "top, to the left" and so on, longest first so that "…, half way round" is not cut short.
const PHRASES: readonly { words: string; move: Move }[] = MOVES.map((move) => ({
  words: writeMove(move, 'words'),
  move,
})).sort((a, b) => b.words.length - a.words.length);

const PARTING = /[\s,;.]/;
/** What follows a turn directly and is no turn. */
const RUNS_ON = /[\d\p{Ll}]/u;
/** The second character of every phrase is one, in whichever case it is written. */
const A_LETTER = /[a-z]/i;

/**
 * Reads turns in any dialect, mixed as they come: `R'`, `Ri`, `R2`, `RR`, `x y z`, words as
 * written by the words dialect, and brackets with a repeat count, `(R U R' U')3`. Spaces, commas
 * and semicolons part turns but are not needed.
 */
export function readMoves(text: string): Result<Move[], NotationError> {
  const reader = new Reader(text);
  try {
    return ok(reader.sequence(null));
  } catch (error) {
    if (error instanceof Misread) return fail(error.why);
    throw error;
  }
}

/**
 * Turns that are known to be well written, such as those of a case or a step.
 *
 * @throws RangeError when they are not
 */
export function knownMoves(text: string): Move[] {
  const read = readMoves(text);
  if (!read.ok) throw new RangeError(read.error.message);
  return read.value;
}

class Misread extends Error {
  constructor(readonly why: NotationError) {
    super(why.message);
  }
}

class Reader {
  private at = 0;

  constructor(private readonly text: string) {}

  sequence(opened: { bracket: string; at: number } | null): Move[] {
    const moves: Move[] = [];
    for (;;) {
      this.skipParting();
      const char = this.text[this.at];
      if (char === undefined) {
        if (opened) this.misread(opened.bracket, opened.at, SAY.neverClosed);
        return moves;
      }
      if (char === '(' || char === '[') moves.push(...this.group(char));
      else if (char === ')' || char === ']') {
        if (opened && char === (opened.bracket === '(' ? ')' : ']')) return moves;
        this.misread(char, this.at, SAY.notOpened);
      } else moves.push(this.phrase() ?? this.letter());
      if (moves.length > MOST_MOVES) {
        this.misread(char, this.at, SAY.tooManyTurns({ most: MOST_MOVES }));
      }
    }
  }

  private group(bracket: string): Move[] {
    const at = this.at++;
    const inner = this.sequence({ bracket, at });
    this.at++;
    const start = this.at;
    const count = /^(?:\s*[×*]\s*|x)?(\d+)/.exec(this.text.slice(start));
    const times = count ? Number(count[1]) : 1;
    this.at += count?.[0].length ?? 0;
    const once = PRIMES.includes(this.text[this.at] ?? ' ') ? this.inverted(inner) : inner;
    if (times < 1 || once.length * times > MOST_MOVES) {
      this.misread(count![0], start, SAY.badTimes({ most: MOST_MOVES }));
    }
    return Array.from({ length: times }, () => once).flat();
  }

  private inverted(inner: Move[]): Move[] {
    this.at++;
    return invertMoves(inner);
  }

  private phrase(): Move | undefined {
    // Nearly all turns are a single letter: those are not compared with every phrase.
    if (!A_LETTER.test(this.text[this.at + 1] ?? '')) return undefined;
    const rest = this.text.slice(this.at, this.at + 60).toLowerCase();
    const found = PHRASES.find(({ words }) => rest.startsWith(words));
    if (found) this.at += found.words.length;
    return found?.move;
  }

  private letter(): Move {
    const start = this.at;
    const letter = this.text[start]!;
    const index = LETTERS.indexOf(letter);
    if (index < 0) this.unknown(start);
    this.at++;
    let move = index < 6 ? index * 3 : TURN_COUNT + (index - 6) * 3;
    if (this.text[this.at] === letter || this.text[this.at] === '2') {
      this.at++;
      move += 1;
    }
    const suffix = this.text[this.at];
    if (suffix !== undefined && (PRIMES.includes(suffix) || suffix === 'i')) {
      this.at++;
      move = invertMove(move as Move);
      if (this.text[this.at] === '2' && move % 3 === 2) {
        this.at++;
        move -= 1;
      }
    }
    const next = this.text[this.at];
    if (
      next !== undefined &&
      ((RUNS_ON.test(next) && !'xyz'.includes(next)) || next === letter || PRIMES.includes(next))
    ) {
      this.unknown(start);
    }
    return move as Move;
  }

  private unknown(start: number): never {
    const token = /^[^\s,;()[\]]+/.exec(this.text.slice(start))?.[0] ?? this.text[start]!;
    this.misread(token, start, /^[urfdlb]/.test(token) ? SAY.smallLetter : SAY.noTurn);
  }

  private skipParting(): void {
    while (this.at < this.text.length && PARTING.test(this.text[this.at]!)) this.at++;
  }

  private misread(token: string, at: number, why: string): never {
    throw new Misread({ token, at, message: SAY.misread({ token, at: at + 1, why }) });
  }
}
