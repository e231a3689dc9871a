import { spoken } from '../../words/index.js';
import { type ColourScheme, inColours, type Side } from '../../puzzle/cube/index.js';
import type { CaseWords } from './approach.js';

/** A case's title on the cube in hand: `{first}` and `{opposite}` by their names. */
export const caseTitle = (
  one: Pick<CaseWords, 'title'>,
  first: Side,
  scheme: ColourScheme,
): string => inColours(one.title, first, scheme);

/** What an approach is called, as it is said. */
export const approachTitle = ({ title }: { readonly title: string }): string => spoken(title);

/** What an approach is called among others of its stage, as it is said. */
export const approachShort = ({
  short,
  title,
}: {
  readonly short?: string | undefined;
  readonly title: string;
}): string => spoken(short ?? title);
