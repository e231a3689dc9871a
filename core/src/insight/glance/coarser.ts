import { Gathering } from './gathering.js';
import { isPlain, type Lookable, packed, roughly, type Situations } from './situations.js';

/**
 * The same situations without colours that need not be read: at looks which are the same but for
 * turning the cube round, only what says which piece it is, if that is enough to know what is good.
 */
export function coarser(situations: Situations): Situations {
  if (isPlain(situations)) return situations;
  const rounds = new Set(situations.lookables.map(({ round }) => round));
  return [...rounds].reduce((now, round) => coarserAt(now, round) ?? now, situations);
}

function coarserAt(situations: Situations, round: number): Situations | undefined {
  const { lookables, count, seen, weight, words } = situations;
  const width = lookables.length;
  const coarse = lookables.map((one) => one.round === round);
  const codes = new Uint8Array(width + 1);
  const gathering = new Gathering(width + 1);
  const good = new Int32Array(count * words);
  let kept = 0;
  for (let s = 0; s < count; s++) {
    for (let look = 0; look < width; look++) {
      const one = seen[look * count + s]!;
      codes[look] = coarse[look] ? coarsely(one) : one;
    }
    codes[width] = situations.fixed[s]!;
    const as = gathering.add(codes, weight[s]!);
    for (let word = 0; word < words; word++) {
      const bits = situations.good[s * words + word]!;
      if (as === kept) good[as * words + word] = bits;
      else if (good[as * words + word] !== bits) return undefined;
    }
    if (as === kept) kept++;
  }
  if (kept === count) return undefined;
  const all = gathering.all();
  const made = new Uint8Array(width * kept);
  for (let s = 0; s < kept; s++) {
    for (let look = 0; look < width; look++) {
      made[look * kept + s] = all.codes[s * (width + 1) + look]!;
    }
  }
  return {
    ...situations,
    lookables: lookables.map((one, look) =>
      coarse[look]
        ? { ...one, answers: merged(one), rough: one.rough.map((_, code) => code) }
        : one,
    ),
    count: kept,
    seen: made,
    good: good.slice(0, kept * words),
    weight: all.weight,
    fixed: Uint8Array.from({ length: kept }, (_, s) => all.codes[s * (width + 1) + width]!),
  };
}

/** The rough answer alone; that the piece is not told then makes no difference. */
const coarsely = (one: number): number => packed(roughly(one), roughly(one), true);

/** What may be seen at a look, by rough answer. */
const merged = ({ answers, rough }: Lookable): number[][] =>
  answers.map((_, code) => answers.flatMap((shows, exact) => (rough[exact] === code ? shows : [])));
