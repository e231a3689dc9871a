import { type ColourScheme, inColours, type Side } from '../../puzzle/cube/index.js';
import type { CaseWords } from './approach.js';

/** A case's title on the cube in hand: `{first}` and `{opposite}` by their names. */
export const caseTitle = (
  one: Pick<CaseWords, 'title'>,
  first: Side,
  scheme: ColourScheme,
): string => inColours(one.title, first, scheme);
