import * as z from 'zod';
import { SAY } from './words.js';

/**
 * Everything a person may write comes through one of these three, so that what is kept is what is
 * given back: composed (NFC), of whole characters, and without those no database or file can hold.
 * A spec goes through every schema of the contract and finds a string that does not.
 */

/** Half of a character, or a control character other than those that part lines. */
const UNKEEPABLE = /[\p{Cs}\0]|[^\P{Cc}\t\n\r]/u;
const KEEPABLE = SAY.badCharacter;

interface Bounds {
  most: number;
  /** What to mend when there are more. */
  says?: string;
}

/** Lines of any words. Composing may lengthen a text, so its length is looked at afterwards. */
export const text = ({ most, says }: Bounds): z.ZodString =>
  z
    .string()
    .normalize('NFC')
    .refine((given) => !UNKEEPABLE.test(given), KEEPABLE)
    .max(most, says);

/** One line of any words: breaks and tabs in it become spaces, and those around it go. */
export const line = (bounds: Bounds): z.ZodString =>
  text(bounds).overwrite((given) => given.replaceAll(/[\t\n\r\u2028\u2029]+/g, ' ').trim());

/** What is not seen on a page; the one that colours an emoji may stand. */
const UNSEEN = /(?!\uFE0F)[\p{C}\p{Default_Ignorable_Code_Point}\u2800]/u;
const SEEN = /[\p{L}\p{N}\p{P}\p{S}]/u;

/** One line that names something: with letters that can be seen, and none that cannot. */
export const name = ({ least, ...bounds }: Bounds & { least: string }): z.ZodString =>
  line(bounds)
    .min(1, least)
    .refine((given) => !UNSEEN.test(given) && SEEN.test(given), SAY.unseenName);
