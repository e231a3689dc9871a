import type { Handout } from '@sleetcrest/contract';
import {
  FRONT,
  letterOn,
  type Method,
  methodTitle,
  readMoves,
  type Side,
  sideInHold,
  sideOfColour,
  stageWords,
  STANDARD_SCHEME,
  UP,
} from '@sleetcrest/core';
import { inColours } from '@sleetcrest/core/puzzle/cube';
import { tellCase } from '@sleetcrest/core/engine/find';
import { casePictures, pictureHold } from '@sleetcrest/core/shown/cases';
import { crownSvg, type Ink, tilesSvg } from '@sleetcrest/core/shown/drawing';
import {
  type Approach,
  type Case,
  type CaseWords,
  isSearch,
  caseTitle,
} from '@sleetcrest/core/teaching/approaches';
import { sayingFor, writeWords } from '@sleetcrest/core/teaching/sayings';
import { capitalised } from '@sleetcrest/core/words';
import type { Content } from 'pdfmake/interfaces.js';
import { TEXT_FONT } from './fonts.js';
import { looksContent } from './looks.js';
import { SAY } from './words.js';

const ACCENT = '#b9781a';
/** Two columns on either paper, in points, with room for the picture at the left of each case. */
const PICTURE = 132;
/** Tiles named in words are larger, so that a photocopy can still be read. */
const TILES = { letters: { perLine: 10, scale: 0.52 }, words: { perLine: 7, scale: 0.8 } };

export interface Sheet {
  handout: Handout;
  method: Method;
  first: Side;
  ink: Ink;
}

/** What a handout says of the approaches: their cases, each with its picture, hold, turns and why. */
export async function handoutContent(
  handout: Handout,
  method: Method,
  approaches: readonly Approach[],
): Promise<Content[]> {
  const first = sideOfColour(STANDARD_SCHEME, handout.firstColour);
  const sheet = { handout, method, first, ink: inkOf(handout) };
  const stages = await Promise.all(approaches.map((approach) => stageContent(sheet, approach)));
  return [
    { text: methodTitle(method), style: 'title' },
    {
      text: SAY.onlyWhatMatters({ first: handout.firstColour }),
      style: 'quiet',
      margin: [0, 0, 0, 10],
    },
    ...stages.flat(),
  ];
}

/** How pictures are inked. */
export function inkOf({ ink, swatches }: Pick<Handout, 'ink' | 'swatches'>): Ink {
  const plain = ink === 'letters';
  return { swatches, letterOn, letters: plain, plain, font: TEXT_FONT };
}

async function stageContent(sheet: Sheet, approach: Approach): Promise<Content[]> {
  const { title, goal } = stageWords(approach.stage, sheet.first, STANDARD_SCHEME);
  const { first } = sheet;
  const [firstCase, ...others] = approach.cases.map((one) => caseContent(sheet, approach, one));
  // The heading stays with its first case: it is not left alone at the foot of a page.
  return [
    {
      unbreakable: true,
      stack: [
        { text: title, style: 'stage' },
        { text: inColours(approach.summary, first, STANDARD_SCHEME) },
        { text: SAY.goOnWhen({ goal }), style: 'quiet', margin: [0, 2, 0, 6] },
        firstCase ?? '',
      ],
    },
    ...others,
    ...(sheet.handout.looks ? await looksContent(approach, first) : []),
  ];
}

/** A case: its picture, and the lines in the order in which they are needed. */
export function caseContent(sheet: Sheet, approach: Approach, one: CaseWords): Content {
  const { method, first, ink } = sheet;
  const hold = pictureHold(approach, first);
  const { find, look, why } = tellCase(approach, one, method, hold, first);
  const pictures = casePictures(approach, one.id, method, first, STANDARD_SCHEME);
  const up = STANDARD_SCHEME[sideInHold(hold, UP)]!;
  const front = STANDARD_SCHEME[sideInHold(hold, FRONT)]!;
  return {
    unbreakable: true,
    margin: [0, 0, 0, 12],
    columnGap: 12,
    columns: [
      { svg: crownSvg(pictures[0]!, ink), width: PICTURE, fit: [PICTURE, PICTURE] },
      {
        width: '*',
        stack: [
          {
            text: caseTitle(one, first, STANDARD_SCHEME),
            bold: true,
            fontSize: 11.5,
            margin: [0, 0, 0, 2],
          },
          line(SAY.find, find),
          line(SAY.hold, capitalised(SAY.holdSo({ up, front }))),
          line(SAY.look, look),
          ...turnContent(sheet, approach, one),
          line(SAY.why, why),
        ],
      },
    ],
  };
}

/** A line of a case: what it is about, and what is said of it. */
export const line = (name: string, text: string): Content => ({
  text: [{ text: `${name}  `, color: ACCENT, bold: true }, text],
  margin: [0, 1, 0, 1],
});

/** The teacher's words for a sequence, if there are any. */
function sayingContent(sequence: string, method: Method): Content[] {
  const saying = sayingFor(sequence, method);
  if (!saying) return [];
  const said = SAY.saying({ name: saying.name, words: writeWords(saying.words) });
  return [line(SAY.say, said)];
}

function turnContent(
  { handout, ink, method }: Sheet,
  approach: Approach,
  one: CaseWords,
): Content[] {
  if (isSearch(approach)) {
    return [line(SAY.turn, SAY.dependsOnTheCube)];
  }
  const { sequence, times, lineUp } = one as Case;
  const moves = readMoves(sequence);
  const { perLine, scale } = TILES[handout.dialect === 'words' ? 'words' : 'letters'];
  const written = moves.ok ? moves.value : [];
  const tiles = tilesSvg(written, handout.dialect, ink.plain, TEXT_FONT, perLine);
  if (!tiles) return [line(SAY.turn, SAY.onlyLineUp)];
  return [
    line(SAY.turn, SAY.turnThese({ lineUp: lineUp ? 'yes' : 'no', times: times ?? 1 })),
    { svg: tiles.svg, width: tiles.width * scale, margin: [0, 2, 0, 2] },
    ...sayingContent(sequence, method),
  ];
}

/** The line at the foot of every page. */
export const footText = (handout: Handout, method: Method): string =>
  SAY.foot({ title: methodTitle(method), first: handout.firstColour });
