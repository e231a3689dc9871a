import {
  APPROACHES,
  type Case,
  isSearch,
  type Lines,
  type SearchApproach,
  type SearchCase,
  type Sentence,
  sentencesOf,
} from '../../teaching/approaches/index.js';
import type { About } from './made-words.spec-support.js';

/** A sentence that a built-in case can say. */
export interface Written extends Sentence {
  where: string;
  about: About;
}

/** Every sentence that a built-in case can say, in all its ways. */
export const writtenSentences = (): Written[] =>
  APPROACHES.flatMap((approach) =>
    approach.cases.flatMap((one): Written[] => {
      const lines: (Lines | undefined)[] = [one.find, one.look, one.why];
      if ('lineUp' in one) lines.push(one.lineUp?.turning, one.lineUp?.already);
      if (isSearch(approach)) {
        const { turning, otherwise = {} } = one as SearchCase;
        const others = Object.values(otherwise).flatMap((other) => Object.values(other));
        lines.push(turning, ...others);
      }
      const about = isSearch(approach) ? aboutSearch(approach) : aboutCase(one as Case);
      return lines
        .flatMap((line) => sentencesOf(line ?? ''))
        .map(({ says, so }) => ({ says, so, about, where: `${one.id}: ${says}` }));
    }),
  );

const aboutCase = ({ pieces, lineUp }: Case): About => ({
  things: pieces.map((place) => (place.length === 3 ? 'corner' : 'edge')),
  layers: lineUp?.layer ?? '',
});

const aboutSearch = ({ search }: SearchApproach): About =>
  search === 'pairs'
    ? { things: ['corner', 'edge'], layers: 'U' }
    : { things: ['edge', 'edge'], layers: 'D' };
