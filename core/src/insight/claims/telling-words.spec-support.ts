import { NUMBER_WORDS } from '../../words/index.js';

/** The words of a sentence that tell something: a place, a colour, a count, a turn, an outcome, yes or no. */
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

export type Token = Telling & { from: number; to: number };

const SIDES = { left: 'L', right: 'R', front: 'F', back: 'B' } as const;
/** Those that a sentence counts by. */
export const NUMBERS = NUMBER_WORDS.slice(0, 12);
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
export function tokensOf(says: string): Token[] {
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

export const isWord =
  (...names: string[]) =>
  (token: Token): boolean =>
    token.tells === 'word' && names.includes(token.word);
export const isIn =
  (name: string) =>
  (token: Token): boolean =>
    token.tells === 'place' && [...token.letters].every((letter) => name.includes(letter));
export const isTo =
  (name: string) =>
  (token: Token): boolean =>
    token.tells === 'to' && [...token.letters].every((letter) => name.includes(letter));
export const isRole =
  (role: string) =>
  (token: Token): boolean =>
    token.tells === 'role' && token.role === role;
export const isBound =
  (role: string) =>
  (token: Token): boolean =>
    token.tells === 'bound' && token.role === role;
export const isNumber =
  (number: number) =>
  (token: Token): boolean =>
    token.tells === 'number' && token.number === number;
export const isTurn =
  (turn: number) =>
  (token: Token): boolean =>
    token.tells === 'turn' && token.turn === turn;
export const isThing =
  (thing: string) =>
  (token: Token): boolean =>
    token.tells === 'thing' && token.thing === thing;
export const isSome =
  (...some: ((token: Token) => boolean)[]) =>
  (token: Token): boolean =>
    some.some((one) => one(token));
