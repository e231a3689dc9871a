import type { Claim, Sentence, Those } from '../../teaching/approaches/index.js';

/**
 * Reads a sentence back into what its claims say. Every word that tells something (a place, a colour,
 * a count, a turn, an outcome, yes or no) must be made by a claim of the sentence, and every claim
 * must be told by some of its words. What only the sentence rests on is claimed under `besides`.
 */

type Telling =
  | { tells: 'place'; letters: string }
  /** Where something goes. */
  | { tells: 'to'; letters: string }
  /** The colour of a centre, and where it is. */
  | { tells: 'bound'; role: string; letters: string }
  | { tells: 'role'; role: string }
  | { tells: 'word'; word: string }
  | { tells: 'number'; number: number }
  | { tells: 'turn'; turn: number }
  | { tells: 'thing'; thing: 'corner' | 'edge' }
  | { tells: 'not' };

type Token = Telling & { from: number; to: number };

const SIDES = { left: 'L', right: 'R', front: 'F', back: 'B' } as const;
export const NUMBERS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
];
export const ORDINALS = [
  '',
  'first',
  'second',
  'third',
  'fourth',
  'fifth',
  'sixth',
  'seventh',
  'eighth',
];

const place = (letters: string): Telling => ({ tells: 'place', letters });
const to = (letters: string): Telling => ({ tells: 'to', letters });
const word = (name: string): Telling => ({ tells: 'word', word: name });
const side = (name: string): string => SIDES[name as keyof typeof SIDES];

/** Words that tell something, the longer first; what follows `first` counts only before a turn. */
const READERS: [RegExp, (match: RegExpExecArray) => Telling | undefined][] = [
  [
    /\{(front|right|back|left)\} (?:in|at the|on the) (front|back|left|right)\b/y,
    ([, role, at]) => ({ tells: 'bound', role: role!, letters: side(at!) }),
  ],
  [/\bbetween \{(\w+)\} and \{(\w+)\}/y, ([, a, b]) => word(`between ${[a, b].sort().join(' ')}`)],
  [/\{(first|opposite)\} side\b/y, ([, role]) => word(`${role!} side`)],
  [/\{(piece\d?)\} (corner|edge)\b/y, ([, piece, kind]) => word(`${piece!} ${kind!}`)],
  [/\b(above|under|below) its place\b/y, ([, where]) => word(`${where!} its place`)],
  [/\{(front|right|back|left|first|opposite)\}/y, ([, role]) => ({ tells: 'role', role: role! })],
  [/\{(\w+)\}/y, ([, name]) => word(`{${name!}}`)],
  [/\b(?:to|in at) the (front|back) (right|left)\b/y, ([, a, b]) => to(side(a!) + side(b!))],
  [/\b(?:to|in at) the (front|back|right|left)\b/y, ([, name]) => to(side(name!))],
  [/\bto the (top|bottom)\b/y, ([, layer]) => to(layer === 'top' ? 'U' : 'D')],
  [/\bto the middle\b/y, () => word('to the middle')],
  [/\bfac(?:es|ing) (up|down)\b/y, ([, way]) => place(way === 'up' ? 'U' : 'D')],
  [/\b(up|down)\b/y, ([, way]) => to(way === 'up' ? 'U' : 'D')],
  [/\bin (?:its|their) places?\b/y, () => word('in its place')],
  [/\b(front|back) (right|left)\b/y, ([, a, b]) => place(side(a!) + side(b!))],
  [
    /\b(first|second|third|fourth|fifth|sixth|seventh|eighth)(?= turn\b|\b(?! edge| one| \w+ turns))/y,
    ([, nth]) => ({ tells: 'turn', turn: ORDINALS.indexOf(nth!) }),
  ],
  [/\b(?:each|every) solved pair\b/iy, () => word('pairs kept')],
  [/\bside by side\b|\bbeside\b|\bjoined\b/y, () => word('beside')],
  [/\bapart\b/y, () => word('apart')],
  [/\bacross\b/y, () => word('across')],
  [/\bon a side\b|\ba side\b/y, () => word('on a side')],
  [/\bas (?:you look straight at|now)\b/y, ([all]) => word(all)],
  [/\blook again\b/y, () => word('look again')],
  [/\bmore looks?\b/y, () => word('look again')],
  [/\bonce more\b/y, () => word('look again')],
  [/\bturn over\b/y, () => word('turn over')],
  [/\bgo round\b/y, () => word('round')],
  [/\bchange places\b/y, () => word('change places')],
  [
    /\bturn(?:ing)? (?:only )?the (top|bottom)\b/iy,
    ([, layer]) => word(`turn ${layer === 'top' ? 'U' : 'D'}`),
  ],
  [/\bthe (top|bottom) turns\b/iy, ([, layer]) => word(`turn ${layer === 'top' ? 'U' : 'D'}`)],
  [/\b(front|back|left|right) to (front|back|left|right)\b/y, ([, a, b]) => word(`${a!} to ${b!}`)],
  [/\bthe whole cube is turned\b/y, () => word('whole turn')],
  [/\bits (?:own )?(?:place|side|centre)\b|\bplaces? (?:for it|are)\b/y, () => word('belongs')],
  [/\bin the wrong places?\b/y, () => word('wrong place')],
  [/\bon top\b|\bthe top\b|\babove\b/y, () => place('U')],
  [/\bat the bottom\b|\bthe bottom\b|\bunderneath\b|\bbelow\b|\bunder\b/y, () => place('D')],
  [/\bin the middle\b|\bthe middle\b/y, () => word('middle')],
  [/\b(left|right|front)\b/y, ([, name]) => place(side(name!))],
  [/\bin front\b/y, () => place('F')],
  [/\bat the back(?! left| right)\b/y, () => place('B')],
  [/\bback\b/y, () => word('back')],
  [/\baway from you\b/y, () => word('away')],
  [/\btowards you\b/y, () => word('towards')],
  [/\bcorners?\b/y, () => ({ tells: 'thing', thing: 'corner' })],
  [/\bedges?\b/y, () => ({ tells: 'thing', thing: 'edge' })],
  [/\b(?:no|not|none|neither|never|unfinished)\b/iy, () => ({ tells: 'not' })],
  [/\bhalf a turn\b/iy, () => word('half')],
  [/\bone (?=side|before|\{|corner|edge|more|turn)/iy, () => ({ tells: 'number', number: 1 })],
  [
    /\b(two|three|four|five|six|seven|eight|nine|ten|eleven)\b/iy,
    ([, name]) => ({ tells: 'number', number: NUMBERS.indexOf(name!.toLowerCase()) }),
  ],
  [/\b(?:solved|finished|done|solves?)\b/y, () => word('solved')],
  [
    /\b(last|first|next) (?=(?:two|three|four|five|six|seven|eight|eleven) turns|turn\b)/y,
    ([, nth]) => word(nth!),
  ],
  [/\bflipped\b|\btwisted\b/y, () => word('turned')],
  [/\bstays?\b|\bleaves?\b|\bwhere (?:it was|they were)\b/y, () => word('stays')],
  [/\bmoved\b/y, () => word('moved')],
  [/\bmatch(?:es)?\b|\bfits?\b|\balike\b|\bsame colour\b/y, () => word('match')],
  [/\bbelongs?\b/y, () => word('belongs')],
  [/\bany\b/iy, () => word('any')],
  [/\blonger\b/y, () => word('longer')],
  [/\bnext\b/y, () => word('next')],
  [/\blater\b/y, () => word('later')],
  [/\b(before|after)\b/iy, ([, when]) => word(when!.toLowerCase())],
];

/** The words of a sentence that tell something, in their order. */
function tokensOf(says: string): Token[] {
  const tokens: Token[] = [];
  for (let from = 0; from < says.length;) {
    const token = tokenAt(says, from);
    if (token) tokens.push(token);
    from = token?.to ?? from + 1;
  }
  return tokens;
}

function tokenAt(says: string, from: number): Token | undefined {
  for (const [pattern, reader] of READERS) {
    pattern.lastIndex = from;
    const match = pattern.exec(says);
    const telling = match && reader(match);
    if (telling) return Object.assign(telling, { from, to: from + match[0].length });
  }
  return undefined;
}

/** What words a claim makes. */
interface Made {
  claim: Claim;
  /** Not told by words of its own. */
  besides: boolean;
  not: boolean;
  /** Places that something goes to. */
  to: string[];
  /** Names of places: all letters of a place told must be among those of one of them. */
  places: string[];
  roles: string[];
  words: string[];
  numbers: number[];
  turns: number[];
  things: string[];
  /** Tells this one from others of its kind in the sentence. */
  mine: ((token: Token) => boolean) | undefined;
  /** Any one of the words of each must be told. */
  needs: ((token: Token) => boolean)[];
}

const PLACE_NAME = /^[UDFBRL]{1,3}$/;

/** What the claims of a sentence make, those within others too. */
function madeBy(so: readonly Claim[], about: About, besides = false): Made[] {
  return so.flatMap((claim): Made[] => {
    switch (claim.is) {
      case 'besides':
        return madeBy(claim.so, about, true);
      case 'then': {
        const turn = made(claim, besides, {
          places: [claim.turns.replace(/[^UDFBRL]/g, '')],
          numbers: [claim.turns.split(' ').length],
        });
        return [turn, ...madeBy(claim.so, about, besides)];
      }
      case 'in-the-end':
        return madeBy(claim.so, about, besides);
      case 'next': {
        const next = made(claim, besides, { words: ['next', 'look again'] });
        return [needing(next, isWord('next', 'look again')), ...madeBy(claim.so, about, besides)];
      }
      case 'any-hold': {
        const any = made(claim, besides, { words: ['any'], places: ['F'] });
        return [needing(any, isWord('any')), ...madeBy(claim.so, about, true)];
      }
      case 'else-not': {
        const [inner] = madeBy([claim.so], about);
        const not = made(claim, besides, {
          not: true,
          words: inner!.words,
          numbers: inner!.numbers,
          needs: inner!.needs,
        });
        return [not];
      }
      default:
        return [plain(claim, besides, about)];
    }
  });
}

function made(claim: Claim, besides: boolean, given: Partial<Made>): Made {
  return {
    claim,
    besides,
    not: given.not ?? false,
    to: given.to ?? [],
    places: given.places ?? [],
    roles: given.roles ?? [],
    words: given.words ?? [],
    numbers: given.numbers ?? [],
    turns: given.turns ?? [],
    things: given.things ?? [],
    mine: given.mine,
    needs: given.needs ?? [],
  };
}

function needing(one: Made, ...needs: ((token: Token) => boolean)[]): Made {
  one.needs.push(...needs);
  return one;
}

const isWord =
  (...names: string[]) =>
  (token: Token): boolean =>
    token.tells === 'word' && names.includes(token.word);
const isIn =
  (name: string) =>
  (token: Token): boolean =>
    token.tells === 'place' && [...token.letters].every((letter) => name.includes(letter));
const isTo =
  (name: string) =>
  (token: Token): boolean =>
    token.tells === 'to' && [...token.letters].every((letter) => name.includes(letter));
const isRole =
  (role: string) =>
  (token: Token): boolean =>
    token.tells === 'role' && token.role === role;
const isBound =
  (role: string) =>
  (token: Token): boolean =>
    token.tells === 'bound' && token.role === role;
const isNumber =
  (number: number) =>
  (token: Token): boolean =>
    token.tells === 'number' && token.number === number;
const isTurn =
  (turn: number) =>
  (token: Token): boolean =>
    token.tells === 'turn' && token.turn === turn;
const isThing =
  (thing: string) =>
  (token: Token): boolean =>
    token.tells === 'thing' && token.thing === thing;
const isSome =
  (...some: ((token: Token) => boolean)[]) =>
  (token: Token): boolean =>
    some.some((one) => one(token));

const turnsOf = (when: unknown): number[] => (typeof when === 'number' ? [when] : []);
const placesOf = (...names: string[]): string[] => names.filter((name) => PLACE_NAME.test(name));
/** A piece that is named by where it stands must be told by its place. */
const byPlace = (...names: string[]): ((token: Token) => boolean)[] => placesOf(...names).map(isIn);
const rolesIn = (which: string): string[] => (which.includes('+') ? which.split('+') : []);

function plain(claim: Claim, besides: boolean, about: About): Made {
  const thingsOf = (which: string): string[] => kindsOf(which, about);
  switch (claim.is) {
    case 'at': {
      const slot = /^\{\w+\}$/.test(claim.place) ? claim.place : undefined;
      const middle = /^[FRBL]{2}$/.test(claim.place);
      const moves = typeof claim.when === 'number' || claim.when === 'after';
      const middles = middle ? [moves ? 'to the middle' : 'middle'] : [];
      const words = [
        ...middles,
        ...wayOf(claim),
        betweenOf(claim.place),
        'above its place',
        'under its place',
      ];
      const said = [isIn(claim.place), isTo(claim.place), isWord(...words)];
      return made(claim, besides, {
        not: claim.not ?? false,
        to: moves && !claim.not ? [claim.place] : [],
        places: placesOf(claim.place, claim.piece),
        words: [...(slot ? [slot] : []), ...middles, ...wayOf(claim), betweenOf(claim.place)],
        turns: turnsOf(claim.when),
        things: thingsOf(claim.piece),
        needs: [slot ? isWord(slot) : isSome(...said), ...byPlace(claim.piece)],
      });
    }
    case 'belongs':
      return made(claim, besides, {
        places: placesOf(claim.place, claim.piece),
        to: [claim.place],
        words: ['belongs', betweenOf(claim.place)],
        things: thingsOf(claim.piece),
        needs: [
          isSome(
            isIn(claim.place),
            isTo(claim.place),
            isWord('belongs', 'above its place', 'under its place'),
          ),
        ],
      });
    case 'colour': {
      const names = [claim.shows].flat().map((name) => name.replace('!', ''));
      return made(claim, besides, {
        not: String(claim.shows).startsWith('!'),
        places: [claim.sticker.replace('.', '')],
        roles: names,
        words: ['match'],
        turns: turnsOf(claim.when),
        things: thingsOf(claim.sticker.split('.')[0]!).concat(about.things),
        mine: mineOf(claim.sticker.split('.')[0]!),
        needs: [isSome(...names.map(isRole), ...names.map(isBound))],
      });
    }
    case 'has': {
      const sides = claim.sides ?? '';
      const needs = [isRole(claim.colour)];
      if (sides.length > 1) needs.push(isWord('on a side'));
      else if (sides !== '') needs.push(isIn(sides));
      return made(claim, besides, {
        not: claim.not ?? false,
        places: [...placesOf(claim.piece), ...(sides.length === 1 ? [sides] : [])],
        roles: [claim.colour],
        words:
          sides.length > 1
            ? ['on a side']
            : claim.not && claim.colour === 'first'
              ? ['belongs']
              : [],
        turns: turnsOf(claim.when),
        things: thingsOf(claim.piece),
        mine: mineOf(claim.piece),
        needs: [...needs, ...byPlace(claim.piece)],
      });
    }
    case 'same-colour': {
      const face = claim.stickers[0].slice(-1);
      return made(claim, besides, {
        not: claim.not ?? false,
        words: ['match'],
        numbers: [2],
        things: ['corner'],
        places: [face],
        turns: turnsOf(claim.when),
        needs: [isWord('match')],
        mine: isIn(face),
      });
    }
    case 'next-to': {
      const says = claim.not && !claim.matching ? 'apart' : claim.matching ? 'match' : 'beside';
      return made(claim, besides, {
        not: claim.matching === true && claim.not === true,
        words: claim.not && !claim.matching ? ['apart'] : ['beside', 'match'],
        turns: turnsOf(claim.when),
        things: claim.pieces.flatMap(thingsOf),
        places: placesOf(...claim.pieces),
        numbers: [2],
        needs: [isWord(says)],
      });
    }
    case 'exchange':
      return made(claim, besides, {
        words: ['change places'],
        to: [...claim.places],
        places: [...claim.places],
        things: thingsOf(claim.places[0]),
        needs: [isWord('change places'), ...claim.places.map(isIn)],
      });
    case 'lie':
      return made(claim, besides, { words: [claim.how], numbers: [2], needs: [isWord(claim.how)] });
    case 'belong-beside':
      return made(claim, besides, {
        words: [
          'belongs',
          'beside',
          ...claim.pieces.map((piece) => `${piece} ${thingsOf(piece)[0]}`),
        ],
        needs: [
          isWord('belongs'),
          isWord('beside'),
          ...claim.pieces.map((piece) => isWord(`${piece} ${thingsOf(piece)[0]}`)),
        ],
      });
    case 'belongs-in-middle':
      return made(claim, besides, {
        words: ['belongs', 'middle'],
        needs: [isWord('belongs'), isWord('middle')],
      });
    case 'turns-over':
      return made(claim, besides, {
        words: ['turn over'],
        numbers: [2],
        places: placesOf(claim.piece),
        things: thingsOf(claim.piece),
        mine: mineOf(claim.piece),
        needs: [isWord('turn over'), ...byPlace(claim.piece)],
      });
    case 'whole-turn':
      return made(claim, besides, {
        words: ['whole turn', 'next'],
        needs: [isWord('whole turn'), isWord('next')],
      });
    case 'later':
      return made(claim, besides, {
        words: ['later'],
        numbers: [claim.to - claim.from],
        needs: [isWord('later'), isNumber(claim.to - claim.from)],
      });
    case 'stretch': {
      const count = claim.to - claim.from + 1;
      const one = count === 1;
      return made(claim, besides, {
        words: [claim.which],
        numbers: [count],
        turns: one ? [claim.to] : [],
        needs: one
          ? [isSome(isWord(claim.which), isTurn(claim.to))]
          : [isNumber(count), isSome(isWord(claim.which))],
      });
    }
    case 'stays':
      return made(claim, besides, {
        words: [claim.not ? 'moved' : 'stays'],
        places: placesOf(claim.piece),
        things: thingsOf(claim.piece),
        needs: [isWord(claim.not ? 'moved' : 'stays'), ...byPlace(claim.piece)],
      });
    case 'solved':
      return made(claim, besides, {
        not: claim.not ?? false,
        words: claim.not
          ? ['solved', 'turned', 'in its place', 'wrong place']
          : ['solved', 'match', 'belongs'],
        places: placesOf(claim.piece),
        roles: [...rolesIn(claim.piece), ...rolesAt(placesOf(claim.piece).join(''))],
        mine: mineOf(claim.piece),
        turns: turnsOf(claim.when),
        things: thingsOf(claim.piece),
        needs: [isWord(...(claim.not ? ['solved', 'turned'] : ['solved', 'match']))],
      });
    case 'in-place':
      return made(claim, besides, {
        not: claim.not ?? false,
        things: thingsOf(claim.piece),
        words: ['in its place', 'turned'],
        turns: turnsOf(claim.when),
        needs: [isWord('in its place')],
      });
    case 'not-finished':
      return made(claim, besides, {
        not: true,
        words: ['solved'],
        places: placesOf(claim.place),
        things: thingsOf(claim.place),
        needs: [isWord('solved'), isIn(claim.place)],
      });
    case 'goes-home-after':
      return made(claim, besides, {
        words: ['solved', 'match'],
        things: thingsOf(claim.piece),
        turns: [claim.turns],
        places: placesOf(claim.piece),
        needs: [isWord('solved', 'match')],
      });
    case 'count':
      return counted(claim.of, claim.number, claim, besides);
    case 'round':
      return made(claim, besides, {
        to: [...claim.places],
        words: ['round', ...roundWords(claim.places)],
        numbers: [claim.places.length],
        places: [...claim.places],
        things: thingsOf(claim.places[0]!),
        needs: [isWord('round')],
      });
    case 'moves-only':
      return made(claim, besides, {
        words: claim.places.length === 0 ? ['stays', 'back'] : ['moved'],
        numbers: claim.places.length === 0 ? [] : [claim.places.length - 1],
        things: [claim.kind],
        needs: [isWord(claim.places.length === 0 ? 'stays' : 'moved')],
      });
    case 'done':
      return made(claim, besides, {
        not: claim.not ?? false,
        words: ['solved', 'match', 'opposite side'],
        needs: [isSome(isWord('solved', 'match'), isNumber(4))],
      });
    case 'keeps-pairs':
      return made(claim, besides, {
        words: ['pairs kept', 'solved'],
        needs: [isWord('pairs kept')],
      });
    case 'fits':
      return made(claim, besides, {
        not: claim.not ?? false,
        words: ['match'],
        numbers: [2, 4],
        places: [claim.layer],
        needs: [isWord('match')],
      });
    case 'beside':
      return made(claim, besides, {
        words: [claim.hand, 'as you look straight at', `${claim.of} ${thingsOf(claim.of)[0]}`],
        to: [],
        things: [...thingsOf(claim.piece), ...thingsOf(claim.of)],
        needs: [isWord(claim.hand)],
      });
    case 'shortest':
      return made(claim, besides, { words: ['longer'], places: ['D'], needs: [isWord('longer')] });
    case 'looks-left': {
      const most = typeof claim.number === 'number' ? claim.number : claim.number[1];
      return made(claim, besides, {
        words: ['look again'],
        numbers: [most],
        needs: most === 0 ? [] : [isWord('look again')],
      });
    }
    case 'turns':
      return made(claim, besides, {
        numbers: [claim.number, ...(claim.times ? [claim.times] : [])],
        turns: [claim.number * (claim.times ?? 1)],
        needs: [isNumber(claim.number), ...(claim.times ? [isNumber(claim.times)] : [])],
      });
    case 'takes-back':
      return made(claim, besides, {
        words: ['back'],
        numbers: [1],
        turns: [claim.turn, claim.other],
        needs: [isWord('back')],
      });
    case 'turned':
      return made(claim, besides, {
        places: [claim.side],
        words: claim.half ? ['half'] : [`turn ${claim.side}`],
        turns: [claim.turn],
        needs: [
          isSome(isIn(claim.side), isWord(`turn ${claim.side}`)),
          ...(claim.half ? [isWord('half')] : []),
        ],
      });
    case 'same-hold':
      return made(claim, besides, { words: ['as now', 'wrong place'], needs: [isWord('as now')] });
    default:
      return made(claim, besides, {});
  }
}

const LETTER_ROLES: Record<string, string> = { F: 'front', R: 'right', B: 'back', L: 'left' };

/** The centres that a place lies between. */
const rolesAt = (name: string): string[] =>
  [...name].flatMap((letter) => LETTER_ROLES[letter] ?? []);

/** A piece named by its place is told by a side of it besides the layer it is in. */
function mineOf(which: string): ((token: Token) => boolean) | undefined {
  const [, sides] = /^[UD]([FBRL]+)$/.exec(which) ?? [];
  if (sides === undefined) return undefined;
  return (token) =>
    (token.tells === 'place' || token.tells === 'bound') &&
    [...token.letters].some((letter) => sides.includes(letter)) &&
    [...token.letters].every((letter) => which.includes(letter));
}

/** How a corner's place is called by the sides it lies between. */
const betweenOf = (name: string): string => `between ${rolesAt(name).sort().join(' ')}`;

/** Which way a piece goes that is taken from the front to the back, or from there to the front. */
function wayOf({ piece, place }: Extract<Claim, { is: 'at' }>): string[] {
  if (piece.includes('F') && place.includes('B')) return ['away'];
  return piece.includes('B') && place.includes('F') ? ['towards'] : [];
}

/** What kind of piece stands at a place of that name. */
const kindsOf = (which: string, about: About): string[] => {
  const piece = /^piece(\d?)$/.exec(which);
  if (piece) return [about.things[Number(piece[1] || 1) - 1] ?? ''];
  return PLACE_NAME.test(which)
    ? [which.length === 3 ? 'corner' : 'edge']
    : rolesIn(which).length === 2
      ? ['edge']
      : [];
};

const WORDS_OF: Record<string, string> = { F: 'front', R: 'right', B: 'back', L: 'left' };

/** From each place to the next, where each has one side besides the top. */
const roundWords = (places: readonly string[]): string[] =>
  places.map((from, k) => {
    const [a, b] = [from, places[(k + 1) % places.length]!].map((name) => WORDS_OF[name.slice(1)]);
    return `${a} to ${b}`;
  });

function counted(
  of: Those,
  number: number | readonly [number, number],
  claim: Claim,
  besides: boolean,
): Made {
  const roles = [of.with, of.without, of.facing?.colour].filter((role) => role !== undefined);
  const sides = of.facing?.sides ?? '';
  const words: string[] = [];
  if (of.solved !== undefined) words.push('solved', 'match', 'belongs');
  if (of.inPlace) words.push('in its place');
  if (sides.length > 1) words.push('on a side');
  const [least, most] = typeof number === 'number' ? [number, number] : number;
  const needs = roles.map((role) => isRole(role));
  if (of.solved !== undefined) needs.push(isWord('solved', 'match'));
  if (of.inPlace) needs.push(isWord('in its place'));
  if (of.at) needs.push(isIn(of.at));
  if (sides.length > 1) needs.push(isWord('on a side'));
  if (sides.length === 1) needs.push(isIn(sides));
  if (least === most && least > 0) needs.push(isNumber(least));
  return made(claim, besides, {
    not: (most === 0 && !of.without) || of.solved === false || (least === 0 && most > 0),
    places: [of.at ?? '', sides.length === 1 ? sides : ''].filter((name) => name !== ''),
    roles,
    words,
    // “Not all four” of those of which there are at most three.
    numbers: least === most ? [least] : [most + 1],
    turns: 'when' in claim ? turnsOf(claim.when) : [],
    things: [of.kind],
    needs,
  });
}

/** What a reader knows of a case without being told. */
export interface About {
  /** The kinds of its pieces. */
  things: readonly string[];
  /** The layers that may be turned before its sequence. */
  layers: string;
}

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
