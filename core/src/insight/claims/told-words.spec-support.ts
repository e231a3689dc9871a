import type { Claim, Sentence } from '../../teaching/approaches/index.js';
import { isIn, isThing, isTo, isWord, type Token, tokensOf } from './telling-words.spec-support.js';
import {
  type About,
  kindsOf,
  LETTER_ROLES,
  type Made,
  placesOf,
} from './made-words.spec-support.js';
import { madeBy } from './claimed-words.spec-support.js';

/**
 * Reads a sentence back into what its claims say. Every word that tells something (a place, a colour,
 * a count, a turn, an outcome, yes or no) must be made by a claim of the sentence, and every claim
 * must be told by some of its words. What only the sentence rests on is claimed under `besides`.
 */

function isMade(token: Token, told: readonly Made[], about: About): boolean {
  switch (token.tells) {
    case 'place':
      return told.some(({ places }) => places.some((name) => isIn(name)(token)));
    case 'to':
      return told.some((one) => one.to.some((name) => isTo(name)(token)));
    case 'bound':
      return (
        LETTER_ROLES[token.letters] === token.role &&
        told.some(({ places }) => places.some((name) => name.includes(token.letters)))
      );
    case 'role':
      return told.some(({ roles }) => roles.includes(token.role));
    case 'word':
      return isWordMade(token.word, told, about);
    case 'number':
      return told.some(({ numbers }) => numbers.includes(token.number));
    case 'turn':
      return told.some(({ turns }) => turns.includes(token.turn));
    case 'thing':
      return told.some(({ things }) => things.includes(token.thing));
    case 'not':
      return told.some(({ not }) => not);
  }
}

function isWordMade(name: string, told: readonly Made[], { layers }: About): boolean {
  const claims = told.map(({ claim }) => claim);
  if (name === 'before')
    return claims.some(
      (claim) => claim.is === 'takes-back' || ('when' in claim && claim.when === 'before'),
    );
  if (name === 'after') return claims.some(isLater);
  if (/^(?:above|under|below) its place$/.test(name)) return lyingToPlace(claims) === name;
  return (
    told.some(({ words }) => words.includes(name)) ||
    (name.startsWith('turn ') && layers.includes(name.slice(5)))
  );
}

/** Whether a claim is of a moment after some turn. */
const isLater = (claim: Claim): boolean =>
  'when' in claim
    ? typeof claim.when === 'number' || claim.when === 'after'
    : ['goes-home-after', 'stretch', 'whole-turn', 'later'].includes(claim.is);

/** Above or under its place, if the claims say where a piece is and where it belongs. */
function lyingToPlace(claims: readonly Claim[]): string | undefined {
  const at = claims.find((claim) => claim.is === 'at');
  const belongs = claims.find((claim) => claim.is === 'belongs');
  if (!at || !belongs) return undefined;
  if (at.place.startsWith('U') && belongs.place.startsWith('D')) return 'above its place';
  return at.place.startsWith('D') && belongs.place.startsWith('U') ? 'under its place' : undefined;
}

/** How often a sentence must deny: once for each kind of denial. */
const denialsOf = (told: readonly Made[]): number =>
  new Set(
    told
      .filter(({ not }) => not)
      .map(({ claim }) => claim.is + ('colour' in claim ? claim.colour : '')),
  ).size;

/** Where a sentence says that something goes somewhere: claims that say where, and are not told. */
function notGone(told: readonly Made[], tokens: readonly Token[]): string[] {
  if (!tokens.some(({ tells }) => tells === 'to')) return [];
  const goes = (claim: Claim, token: Token): boolean => {
    if (claim.is !== 'at' || claim.not) return true;
    const words = isWord(claim.place, 'away', 'towards', 'to the middle', 'above its place');
    return isTo(claim.place)(token) || words(token) || !('when' in claim && isLater(claim));
  };
  return told
    .filter(({ claim }) => !tokens.some((token) => goes(claim, token)))
    .map(({ claim }) => JSON.stringify(claim));
}

/** The place by which a claim names what it is about. */
function placeIn(claim: Claim): string {
  if ('sticker' in claim) return claim.sticker.split('.')[0]!;
  if ('stickers' in claim) return claim.stickers[0].slice(-1);
  return 'piece' in claim ? claim.piece : '';
}

/** The kinds of what lies beside something and is named by its place. */
const besideOf = ({ claim }: Made, about: About): string[] =>
  claim.is === 'next-to' ? placesOf(...claim.pieces).flatMap((name) => kindsOf(name, about)) : [];

/** Of several claims of a kind about different places or pieces, those that no word tells apart. */
function notToldApart(told: readonly Made[], tokens: readonly Token[], about: About): string[] {
  const untold: string[] = [];
  for (const one of told) {
    const kind = told.filter(({ claim }) => claim.is === one.claim.is);
    const named = new Set(kind.map(({ claim }) => placeIn(claim)));
    const others = kind.filter(({ not }) => not === one.not);
    const things = kind.flatMap((other) => other.things);
    const [thing] = one.things;
    const said = tokens.some((token) => token.tells === 'thing' && token.thing === thing);
    const alone = things.filter((other) => other === thing).length === 1;
    const saysThings = tokens.some(({ tells }) => tells === 'thing');
    const byThing = said && alone && things.length > 1;
    const among = named.size > 1 && others.length < 4 && !one.not;
    const byPlace = !one.mine || !among || tokens.some(one.mine);
    const thingTold = !saysThings || new Set(things).size < 2 || said;
    const both = !saysThings || besideOf(one, about).every((other) => tokens.some(isThing(other)));
    if (!(byPlace || byThing) || !thingTold || !both) untold.push(JSON.stringify(one.claim));
  }
  return untold;
}

/**
 * What is wrong with a sentence: words that no claim makes, and claims that no word tells. `about`
 * says what is known of the case without a claim.
 */
export function misread({ says, so }: Sentence, about: About): string[] {
  const tokens = tokensOf(says);
  const told = madeBy(so, about).filter(({ besides }) => !besides);
  const loose = tokens
    .filter((token) => !isMade(token, told, about))
    .map(({ from, to: end }) => `no claim makes “${says.slice(from, end)}”`);
  const untold = told
    .filter(({ needs }) => needs.some((need) => !tokens.some(need)))
    .map(({ claim }) => JSON.stringify(claim));
  const silent = [...untold, ...notToldApart(told, tokens, about), ...notGone(told, tokens)].map(
    (claim) => `no word tells ${claim}`,
  );
  const nth = tokens.flatMap((token) => (token.tells === 'turn' ? [token.turn] : []));
  if (new Set(nth).size < nth.length) silent.push('it names one turn twice');
  const denials = tokens.filter(({ tells }) => tells === 'not').length;
  const standsIn = tokens.some(isWord('turned', 'wrong place'));
  const denied = denialsOf(told);
  const wanted = denied > 0 && standsIn ? denied - 1 : denied;
  if (denials !== wanted) silent.push(`it denies ${denials} times, and should ${wanted} times`);
  return [...loose, ...silent];
}
