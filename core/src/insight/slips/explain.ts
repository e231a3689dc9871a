import {
  colourOfValue,
  copyCube,
  CORNER_COUNT,
  type Cube,
  type Hold,
  type Painted,
  PLACE_COUNT,
  PLACES,
  solvedCube,
  UNSEEN,
} from '../../puzzle/cube/index.js';
import { applyMoves, type Move, ownTurns, simplifyMoves } from '../../puzzle/notation/index.js';
import { SECOND_SLIP, type SlipKind, STEP_SINCE } from './kinds.js';
import { cubesOf, type MeantStep } from './meant.js';
import { type Detour, Sequence, walkOn } from './sequence.js';

/** One thing that went wrong. */
export interface Slip {
  /** In which of the steps, from 0. */
  step: number;
  kind: SlipKind;
  /** At which of its moves, from 0; their count when it was after the last. */
  at: number;
  /** The moves that were meant there, and those done instead; either may be empty. */
  meant: readonly Move[];
  did: readonly Move[];
}

/** One way in which the cube before can have become the cube that is seen. */
export interface Explanation {
  slips: readonly Slip[];
  /** Per step the moves that were done, read in the hold that was meant for it. */
  did: readonly (readonly Move[])[];
  /** The cube this leads to: the one seen, where all of it is seen. */
  cube: Cube;
  /** The less, the likelier. */
  unusual: number;
}

/** Why no slip is looked for. */
export type Explained =
  | { kind: 'explained'; explanations: readonly Explanation[] }
  /** The cube seen may well be the one that was meant. */
  | { kind: 'as-meant' }
  | { kind: 'unexplained' };

/** How many steps back a slip is looked for, and how many explanations are told. */
const STEPS_BACK = 5;
const MOST_TOLD = 8;

/** Whether a place may hold a value, given what is seen of it: `place·24 + value`. */
function allowedBy(seen: Painted): Uint8Array {
  const allowed = new Uint8Array(PLACE_COUNT * 24);
  for (const { index, stickers } of PLACES) {
    for (let value = 0; value < 24; value++) {
      const fits = stickers.every((sticker, slot) => {
        const colour = seen[sticker]!;
        return colour === UNSEEN || colour === colourOfValue(index, value, slot);
      });
      allowed[index * 24 + value] = fits ? 1 : 0;
    }
  }
  return allowed;
}

/** Asks whether a cube, changed by an effect, is the one that is seen. */
class Matcher {
  private readonly allowed: Uint8Array;
  private readonly places: Uint8Array;

  constructor(seen: Painted) {
    this.allowed = allowedBy(seen);
    // The places of which most is seen say soonest that a cube does not fit.
    const freedom = (place: number): number =>
      this.allowed.subarray(place * 24, place * 24 + 24).reduce((sum, one) => sum + one, 0);
    this.places = Uint8Array.from(
      Array.from({ length: PLACE_COUNT }, (_, place) => place)
        .filter((place) => freedom(place) < 24)
        .sort((a, b) => freedom(a) - freedom(b)),
    );
  }

  /** Whether the cube changed by the effect, 20 bytes from an offset on, is the one seen. */
  fits(cube: Cube, effects: Uint8Array, offset = 0): boolean {
    const { allowed, places } = this;
    for (const place of places) {
      const moved = effects[offset + place]!;
      let value: number;
      if (place < CORNER_COUNT) {
        const was = cube[(moved / 3) | 0]!;
        const twist = was % 3;
        value = was - twist + ((twist + (moved % 3)) % 3);
      } else value = cube[CORNER_COUNT + (moved >> 1)]! ^ (moved & 1);
      if (allowed[place * 24 + value] === 0) return false;
    }
    return true;
  }
}

/**
 * What can have slipped, likeliest first: one slip in any of the last five steps, or, where none
 * explains the cube, two in one of them. Steps after the slip were done as meant.
 *
 * `before` is the cube before the first of `steps`; `seen` may have stickers that are not seen.
 */
export function explain(before: Cube, steps: readonly MeantStep[], seen: Painted): Explained {
  const skipped = Math.max(0, steps.length - STEPS_BACK);
  const matcher = new Matcher(seen);
  const cubes = cubesOf(before, steps);
  const nothing = solvedCube();
  if (matcher.fits(cubes[steps.length]!, nothing)) return { kind: 'as-meant' };

  const sequences: Sequence[] = [];
  let later = nothing;
  for (let k = steps.length - 1; k >= skipped; k--) {
    sequences[k] = new Sequence(steps[k]!, later, k === steps.length - 1);
    later = sequences[k]!.rest(0, steps[k]!.hold);
  }
  const found = new Findings(before, steps);
  for (const search of [oneSlip, twoSlipsAnyHand]) {
    for (let k = steps.length - 1; k >= skipped; k--) {
      search(cubes[k]!, sequences[k]!, matcher, (detours, mirrored) => {
        found.add(k, detours, mirrored);
      });
    }
    if (found.any) return { kind: 'explained', explanations: found.likeliest() };
  }
  return { kind: 'unexplained' };
}

/** Told of each fit: the detours, and the moves they are of where the other hand did them. */
type Find = (detours: readonly Detour[], mirrored?: readonly Move[]) => void;

/** The detours at a place that lead to the cube seen. */
function fitting(
  sequence: Sequence,
  matcher: Matcher,
  { cube, at, hold }: { cube: Cube; at: number; hold: Hold },
  find: (detour: Detour) => void,
): void {
  const { effects } = sequence.outcomes(at, hold);
  const detours = sequence.detours(at);
  for (let k = 0; k < detours.length; k++) {
    if (matcher.fits(cube, effects, k * PLACE_COUNT)) find(detours[k]!);
  }
}

function oneSlip(start: Cube, sequence: Sequence, matcher: Matcher, find: Find): void {
  walkOn(sequence, { at: 0, hold: sequence.step.hold, cube: start }, (cube, at, hold) => {
    fitting(sequence, matcher, { cube, at, hold }, (detour) => {
      find([detour]);
    });
  });
}

function twoSlips(start: Cube, sequence: Sequence, matcher: Matcher, find: Find): void {
  walkOn(sequence, { at: 0, hold: sequence.step.hold, cube: start }, (cube, at, hold) => {
    const { holds } = sequence.outcomes(at, hold);
    sequence.detours(at).forEach((first, k) => {
      const slipped = copyCube(cube);
      applyMoves(slipped, hold, first.did);
      const from = { at: first.next, hold: holds[k]! as Hold, cube: slipped };
      walkOn(sequence, from, (then, later, heldThen) => {
        fitting(sequence, matcher, { cube: then, at: later, hold: heldThen }, (second) => {
          find([first, second]);
        });
      });
    });
  });
}

/** A slip of the other hand: the whole sequence as in a mirror, and one slip in that. */
function otherHand(start: Cube, sequence: Sequence, matcher: Matcher, find: Find): void {
  const mirrored = sequence.mirrored();
  const first = sequence.detours(0).find(({ kind }) => kind === 'other-hand')!;
  oneSlip(start, mirrored, matcher, ([second]) => {
    if (second!.kind !== 'other-hand') find([first, second!], mirrored.step.moves);
  });
}

/** The turns of the cube's own sides, told so that other moves with the same turns say the same. */
function sameDoing(start: Hold, moves: readonly Move[]): string {
  return simplifyMoves(ownTurns(start, moves).turns).join(' ');
}

function twoSlipsAnyHand(start: Cube, sequence: Sequence, matcher: Matcher, find: Find): void {
  twoSlips(start, sequence, matcher, find);
  otherHand(start, sequence, matcher, find);
}

/** What was found, each outcome of the hands once. */
class Findings {
  private readonly byDoing = new Map<string, Explanation>();

  constructor(
    private readonly before: Cube,
    private readonly steps: readonly MeantStep[],
  ) {}

  get any(): boolean {
    return this.byDoing.size > 0;
  }

  add(step: number, detours: readonly Detour[], mirrored?: readonly Move[]): void {
    const { moves } = this.steps[step]!;
    const base = mirrored ?? moves;
    const done: Move[] = [];
    let at = 0;
    // Done by the other hand, the sequence is another one, in which the second slip happened.
    for (const detour of mirrored ? detours.slice(1) : detours) {
      done.push(...base.slice(at, detour.at), ...detour.did);
      at = detour.next;
    }
    done.push(...base.slice(at));
    const unusual =
      detours.reduce((sum, detour) => sum + detour.unusual, (detours.length - 1) * SECOND_SLIP) +
      (this.steps.length - 1 - step) * STEP_SINCE;
    const key = `${step} ${sameDoing(this.steps[step]!.hold, done)}`;
    const known = this.byDoing.get(key);
    if (known && known.unusual <= unusual) return;
    const did = this.steps.map((one, k) => (k === step ? done : one.moves));
    this.byDoing.set(key, {
      slips: detours.map(({ kind, at: from, next, did: instead }, k) => ({
        step,
        kind,
        at: from,
        meant: (k > 0 ? base : moves).slice(from, next),
        did: instead,
      })),
      did,
      cube: new Uint8Array(),
      unusual,
    });
  }

  likeliest(): Explanation[] {
    return [...this.byDoing.values()]
      .sort((a, b) => a.unusual - b.unusual)
      .slice(0, MOST_TOLD)
      .map((one) => {
        const done = this.steps.map((step, k) => ({ ...step, moves: one.did[k]! }));
        return { ...one, cube: cubesOf(this.before, done).at(-1)! };
      });
  }
}
