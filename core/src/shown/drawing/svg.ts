import { type Colour, colourLetter } from '../../puzzle/cube/index.js';
import { type Dialect, type Move, writeMove } from '../../puzzle/notation/index.js';
import type { CasePicture, Cell } from '../cases/index.js';
import { CROWN_SHAPES, CROWN_SIZE } from './crown.js';
import { drawTurn } from './turn.js';
import { SAY } from './words.js';

/** How pictures are inked: each sticker's colour, and the letters' on it; or letters on white. */
export interface Ink {
  readonly swatches: Readonly<Record<Colour, string>>;
  readonly letterOn: (swatch: string) => string;
  /** A letter on every sticker. */
  readonly letters: boolean;
  /** White stickers with letters, for a copying machine. */
  readonly plain: boolean;
  /** The name of the typeface. */
  readonly font: string;
}

const INK = '#1b2530';
const NEUTRAL = '#dfe6ec';
const PAPER = '#ffffff';

interface Look {
  fill: string;
  text: string;
  ink: string;
  struck: boolean;
}

function lookOf(cell: Cell, ink: Ink): Look | undefined {
  if (!cell) return undefined;
  if ('is' in cell) {
    const fill = ink.plain ? PAPER : ink.swatches[cell.is];
    const text = ink.letters || ink.plain ? colourLetter(cell.is) : '';
    return { fill, text, ink: ink.plain ? INK : ink.letterOn(fill), struck: false };
  }
  if ('not' in cell) return { fill: NEUTRAL, text: colourLetter(cell.not), ink: INK, struck: true };
  const text = cell.oneOf.length < 4 ? cell.oneOf.map(colourLetter).join('') : '?';
  return { fill: NEUTRAL, text, ink: INK, struck: false };
}

function stickerSvg(cell: Cell, sticker: number, ink: Ink): string {
  const { points, middle } = CROWN_SHAPES[sticker]!;
  const look = lookOf(cell, ink);
  const edge = `stroke="${INK}" stroke-width="${look ? 3 : 1}" stroke-linejoin="round"`;
  if (!look) return `${hatchSvg(points)}<polygon points="${points}" fill="none" ${edge}/>`;
  const size = look.text.length > 1 ? 19 : 28;
  const text = look.text
    ? `<text x="${middle.x}" y="${middle.y + size * 0.36}" font-size="${size}" font-weight="700" text-anchor="middle" font-family="${ink.font}" fill="${look.ink}">${look.text}</text>`
    : '';
  const strike = look.struck
    ? `<line x1="${middle.x - 15}" y1="${middle.y + 15}" x2="${middle.x + 15}" y2="${middle.y - 15}" stroke="${INK}" stroke-width="3"/>`
    : '';
  return `<polygon points="${points}" fill="${look.fill}" ${edge}/>${text}${strike}`;
}

/** Fine slanted lines across a sticker left unpainted, drawn as lines so that any program shows them. */
function hatchSvg(points: string): string {
  const [a = [], b = [], c = [], d = []] = points
    .split(' ')
    .map((point) => point.split(',').map(Number));
  const at = (from: number[], to: number[], share: number): string =>
    [0, 1].map((k) => (from[k]! + (to[k]! - from[k]!) * share).toFixed(1)).join(' ');
  const lines = [0.25, 0.5, 0.75].flatMap((share) => [
    `M${at(a, b, share)}L${at(a, d, share)}`,
    `M${at(c, b, share)}L${at(c, d, share)}`,
  ]);
  return `<polygon points="${points}" fill="${PAPER}"/><path d="${lines.join('')}M${at(b, b, 0)}L${at(d, d, 0)}" stroke="#c6d0d9" stroke-width="0.8" fill="none"/>`;
}

/** A crown as an SVG document; `title` is read to those who do not see it. */
export function crownSvg(picture: CasePicture, ink: Ink, title = ''): string {
  // Painted ones last, so that no neighbour's edge is drawn over theirs.
  const all = picture.map((cell, sticker) => ({ cell, sticker }));
  const stickers = [...all.filter(({ cell }) => !cell), ...all.filter(({ cell }) => cell)]
    .map(({ cell, sticker }) => stickerSvg(cell, sticker, ink))
    .join('');
  const caption = `<text x="398" y="464" font-size="13" text-anchor="middle" font-family="${ink.font}" fill="#3c4d5e">${escapeXml(SAY.underside)}</text>`;
  const named = title ? `<title>${escapeXml(title)}</title>` : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${CROWN_SIZE} ${CROWN_SIZE}" width="${CROWN_SIZE}" height="${CROWN_SIZE}">${named}${stickers}${caption}</svg>`;
}

const TILE = 64;
const TILE_HEIGHT = 92;

/** Points of an arrow head at the end of a path drawn by `drawTurn`: a line or an arc. */
function headSvg(arrow: string): string {
  const numbers = arrow.match(/-?\d+(\.\d+)?/g)!.map(Number);
  const straight = /^M(\S+) (\S+)([HV])/.exec(arrow);
  let [x, y, angle] = [0, 0, 0];
  if (straight) {
    const [fromX, fromY, to] = [numbers[0]!, numbers[1]!, numbers[2]!];
    [x, y] = straight[3] === 'H' ? [to, fromY] : [fromX, to];
    angle = Math.atan2(y - fromY, x - fromX);
  } else {
    // All arcs run about the middle: the head points along the circle, the way the arc sweeps.
    [x, y] = [numbers[numbers.length - 2]!, numbers[numbers.length - 1]!];
    const clockwise = numbers[numbers.length - 3] === 1;
    angle = Math.atan2(y - 32, x - 32) + (clockwise ? Math.PI / 2 : -Math.PI / 2);
  }
  const at = (forward: number, aside: number): string =>
    `${(x + forward * Math.cos(angle) - aside * Math.sin(angle)).toFixed(1)},${(y + forward * Math.sin(angle) + aside * Math.cos(angle)).toFixed(1)}`;
  return `<polygon points="${at(6, 0)} ${at(-5, 6)} ${at(-5, -6)}" fill="${INK}"/>`;
}

function tileSvg(move: Move, dialect: Dialect, plain: boolean, font: string): string {
  const { layer, arrow, half } = drawTurn(move);
  const line = 'stroke="#8497a8" stroke-width="1.4" fill="#ffffff"';
  const name = escapeXml(writeMove(move, dialect));
  const twice = half
    ? `<rect x="20" y="23" width="24" height="19" rx="4" fill="#ffffff"/><text x="32" y="38.5" font-size="18" font-weight="700" text-anchor="middle" font-family="${font}" fill="${INK}">2x</text>`
    : '';
  const label =
    dialect === 'words'
      ? wordsSvg(name, font)
      : `<text x="32" y="80" font-size="19" font-weight="700" text-anchor="middle" font-family="${font}" fill="${INK}">${name}</text>`;
  return (
    `<path d="M6 6H58V58H6ZM6 6L16 16M58 6L48 16M58 58L48 48M6 58L16 48" ${line}/>` +
    `<path d="M16 16H48V48H16Z" ${line}/>` +
    `<path d="${layer}" fill-rule="evenodd" fill="${plain ? '#c4c4c4' : '#e6c48f'}"/>` +
    `<path d="${arrow}" fill="none" stroke="${INK}" stroke-width="3.4"/>` +
    headSvg(arrow) +
    twice +
    label
  );
}

/** A turn in words, on up to three lines under its drawing. */
function wordsSvg(name: string, font: string): string {
  return name
    .split(', ')
    .map(
      (words, k) =>
        `<text x="32" y="${68 + k * 9.5}" font-size="9" text-anchor="middle" font-family="${font}" fill="${INK}">${words}</text>`,
    )
    .join('');
}

/** Turns as a row of tiles, so many in a line, as an SVG document; undefined for no turns. */
export function tilesSvg(
  moves: readonly Move[],
  dialect: Dialect,
  plain: boolean,
  font: string,
  perLine: number,
): { svg: string; width: number; height: number } | undefined {
  if (moves.length === 0) return undefined;
  const width = Math.min(moves.length, perLine) * TILE;
  const height = Math.ceil(moves.length / perLine) * TILE_HEIGHT;
  const tiles = moves.map((move, k) => {
    const [x, y] = [(k % perLine) * TILE, Math.floor(k / perLine) * TILE_HEIGHT];
    return `<g transform="translate(${x} ${y})">${tileSvg(move, dialect, plain, font)}</g>`;
  });
  return {
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">${tiles.join('')}</svg>`,
    width,
    height,
  };
}

const escapeXml = (text: string): string =>
  text.replace(/[&<>"]/g, (letter) => `&#${letter.charCodeAt(0)};`);
