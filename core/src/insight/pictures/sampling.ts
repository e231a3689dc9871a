import { LIGHT, middleSquare, type Outline, type Photo, slanted } from './image.js';

/** The light of one sticker: red, green and blue, 0…1. */
export type Light = readonly [number, number, number];

/** How far into a cell one looks, from its middle: the rest may be plastic or a neighbour. */
const REACH = 0.22;
const STEPS = 7;

interface Cells {
  lights: Light[];
  /** How much the light varies inside the cells: small where they lie on stickers. */
  unrest: number;
}

/** The light of the nine cells of a side whose outline is known. */
function cellsOf(picture: Photo, outline: Outline): Cells {
  const at = slanted(outline);
  const lights: Light[] = [];
  let unrest = 0;
  for (let cell = 0; cell < 9; cell++) {
    const middle = [((cell % 3) + 0.5) / 3, (Math.floor(cell / 3) + 0.5) / 3];
    const channels: number[][] = [[], [], []];
    for (let k = 0; k < STEPS * STEPS; k++) {
      const [dx, dy] = [k % STEPS, Math.floor(k / STEPS)].map(
        (step) => ((step / (STEPS - 1)) * 2 - 1) * (REACH / 3),
      );
      const [x, y] = at(middle[0]! + dx!, middle[1]! + dy!);
      const pixel = pixelAt(picture, x, y);
      channels.forEach((values, channel) => {
        values.push(LIGHT[picture.data[pixel + channel]!]!);
      });
    }
    const sorted = channels.map((values) => values.sort((a, b) => a - b));
    // The middle half: a highlight or a scratch in a corner of the cell counts for nothing.
    lights.push(sorted.map(midMean) as unknown as Light);
    for (const values of sorted) unrest += values.at(-4)! - values[3]!;
  }
  return { lights, unrest };
}

function pixelAt({ width, height }: Photo, x: number, y: number): number {
  const column = Math.min(width - 1, Math.max(0, Math.floor(x)));
  const row = Math.min(height - 1, Math.max(0, Math.floor(y)));
  return (row * width + column) * 4;
}

function midMean(sorted: readonly number[]): number {
  const part = sorted.slice(Math.floor(sorted.length / 4), Math.ceil((sorted.length * 3) / 4));
  return part.reduce((sum, value) => sum + value, 0) / part.length;
}

const SHIFTS = [-0.1, -0.05, 0, 0.05, 0.1];
const SIZES = [0.88, 1, 1.12];
/** What moving the outline away from where the side should be must gain. */
const RELUCTANCE = 0.06;

function moved(outline: Outline, dx: number, dy: number, size: number): Outline {
  const [x, y] = [0, 1].map((axis) => outline.reduce((sum, p) => sum + p[axis]!, 0) / 4);
  const width = outline[1][0] - outline[0][0];
  return outline.map(([px, py]) => [
    x! + (px - x!) * size + dx * width,
    y! + (py - y!) * size + dy * width,
  ]) as unknown as Outline;
}

/**
 * The light of the nine stickers of a photographed side, row by row. The side is looked for about
 * where it was asked to be, in the middle; where its outline was given, just there.
 */
export function stickerLights(picture: Photo, outline?: Outline): Light[] {
  if (outline) return cellsOf(picture, outline).lights;
  const asked = middleSquare(picture.width, picture.height);
  let best = { lights: [] as Light[], cost: Infinity };
  for (const size of SIZES) {
    for (const dx of SHIFTS) {
      for (const dy of SHIFTS) {
        const { lights, unrest } = cellsOf(picture, moved(asked, dx, dy, size));
        const away = Math.abs(dx) + Math.abs(dy) + Math.abs(size - 1);
        const cost = unrest * (1 + RELUCTANCE * away * 10);
        if (cost < best.cost) best = { lights, cost };
      }
    }
  }
  return best.lights;
}
