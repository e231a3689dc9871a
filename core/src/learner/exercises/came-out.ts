import {
  applyTurns,
  BACK,
  colourAt,
  type ColourScheme,
  copyCube,
  type Cube,
  DOWN,
  FRONT,
  LEFT,
  type Painted,
  RIGHT,
  sameCube,
  type Side,
  STANDARD_SCHEME,
  stickerInHold,
  UNSEEN,
  UP,
} from '../../puzzle/cube/index.js';
import { readMoves } from '../../puzzle/notation/index.js';
import { isSearch } from '../../teaching/approaches/index.js';
import type { Method } from '../../teaching/methods/index.js';
import { compileApproach, resolveMethod } from '../../engine/run/index.js';
import {
  explain,
  type MeantStep,
  type SlipKind,
  slippedCubes,
  tellSlip,
} from '../../insight/slips/index.js';
import type { CaseStep, ShownCase } from './show-case.js';

/** A case done on a cube in hand: where it waited, and how it is done. */
export interface Done extends Pick<ShownCase, 'cube' | 'hold'>, CaseStep {
  readonly case: string;
}

/** How it came out, as far as the stickers seen tell. */
export interface CameOut {
  readonly right: boolean;
  /** What happened, likeliest first; empty where it is right, or where nothing explains it. */
  readonly says: readonly string[];
  /** The case that was done instead, where that explains what is seen and no slip does. */
  readonly instead: string;
}

/** More are not read by anyone. */
const MOST_TOLD = 2;

/** Slips less likely than that a case was taken for another, such as its mirror image. */
const OF_THE_WHOLE: readonly SlipKind[] = ['other-hand', 'too-many-rounds'];

/** Sides of the hold in the order one sees them: top, front, right; left, back; below. */
const SEEN_SOONER: readonly (readonly number[])[] = [[UP, FRONT, RIGHT], [LEFT, BACK], [DOWN]];

/**
 * A few stickers, numbered in the hold, that tell whether a case was done right: together they look
 * otherwise after any one slip, and after any other case of its approach. In sight where that is
 * enough, chosen one after another by how many wrong ends each still tells.
 */
export function tellingStickers(done: Done, method: Method, first: Side): number[] {
  const wrong = [
    ...slippedCubes(done.cube, meantStep(done)),
    ...otherCases(done, method, first).map(({ cube }) => cube),
  ];
  let open = wrong
    .filter((cube) => !done.ends.some((end) => sameCube(end, cube)))
    .flatMap((cube) => done.ends.map((end) => [cube, end] as const));
  const chosen: number[] = [];
  for (const sides of SEEN_SOONER) {
    const stickers = sides.flatMap((side) => [0, 1, 2, 3, 5, 6, 7, 8].map((k) => side * 9 + k));
    while (open.length > 0) {
      const told = stickers.map((sticker) => {
        const own = stickerInHold(done.hold, sticker);
        return open.filter(([cube, end]) => colourAt(cube, own) === colourAt(end, own));
      });
      const best = told.reduce((a, b) => (b.length < a.length ? b : a));
      if (best.length === open.length) break;
      chosen.push(stickers[told.indexOf(best)]!);
      open = best;
    }
  }
  return chosen;
}

/** How a case came out by the stickers seen, `UNSEEN` where not; the more are seen, the surer. */
export function cameOut(
  done: Done,
  method: Method,
  first: Side,
  seen: Painted,
  scheme: ColourScheme,
): CameOut {
  if (done.ends.some((end) => fits(end, seen))) return { right: true, says: [], instead: '' };
  const step = meantStep(done);
  const explained = explain(done.cube, [step], seen);
  const all = explained.kind === 'explained' ? explained.explanations : [];
  const other = otherCases(done, method, first).find(({ cube }) => fits(cube, seen));
  const once = all.filter(
    ({ slips: [slip, more] }) => !more && !(other && OF_THE_WHOLE.includes(slip!.kind)),
  );
  const slips = once.length > 0 ? once : other ? [] : all;
  const says = slips
    .slice(0, MOST_TOLD)
    .map((one) => one.slips.map((slip) => tellSlip(slip, step, scheme)).join(' '));
  return { right: false, says, instead: slips.length === 0 && other ? other.case : '' };
}

const fits = (cube: Cube, seen: Painted): boolean =>
  seen.every((colour, sticker) => colour === UNSEEN || colour === colourAt(cube, sticker));

/** Its turns as they were meant, lining up first. */
export function meantStep({ doneIn, lineUp, sequence }: Done): MeantStep {
  const [lining, main] = [lineUp, sequence].map((text) => {
    const read = readMoves(text);
    return read.ok ? read.value : [];
  });
  return { hold: doneIn, moves: [...lining!, ...main!], lineUpCount: lining!.length };
}

/** What doing any other case of the approach, in any hold and lining-up, would make of the cube. */
function otherCases(
  { case: id, cube }: Done,
  method: Method,
  first: Side,
): { case: string; cube: Cube }[] {
  const approaches = resolveMethod(method);
  const all = approaches.ok ? approaches.value : [];
  const approach = all.find(({ cases }) => cases.some((one) => one.id === id));
  if (!approach || isSearch(approach)) return [];
  return compileApproach(approach, first, STANDARD_SCHEME)
    .filter((one) => one.case.id !== id)
    .map((one) => ({ case: one.case.id, cube: applyTurns(copyCube(cube), one.turns) }));
}
