import type { Approach } from '../../teaching/approaches/index.js';
import { type GlanceFacts, glanceData, glanceFigureData } from '../../engine/facts/index.js';
import type { GlanceNode, GlancePlan, Sight } from './plan.js';
import type { Look, Outcome } from './situations.js';

/** All a plan of looks comes to, without its tree. */
export type GlanceFigures = Omit<GlancePlan, 'tree'>;

/** What a plan comes to. */
export function glanceFigures(plan: GlancePlan): GlanceFigures {
  const { tree: _, ...figures } = plan;
  return figures;
}

/** What the plan of a built-in approach comes to, as it is known; undefined for somebody's own. */
export const knownFigures = (approach: Approach, sight: Sight): GlanceFigures | undefined =>
  glanceFigureData(approach, sight) as GlanceFigures | undefined;

/** The plan of a built-in approach, as it is known; undefined for somebody's own. */
export async function knownGlance(
  approach: Approach,
  sight: Sight,
): Promise<GlancePlan | undefined> {
  const [figures, data] = [knownFigures(approach, sight), await glanceData(approach, sight)];
  return figures && data && { ...figures, tree: unpacked(data) };
}

const DIGITS = 3;

/** A plan's tree with everything that comes twice written once. Parts of all looks keep three digits. */
export function packedGlance({ tree }: GlancePlan): GlanceFacts {
  const words = new Numbered<unknown>();
  const nodes = new Numbered<readonly number[]>();
  const pack = (node: GlanceNode): number => {
    if (!('answers' in node)) return nodes.of([words.of(node)]);
    const packed = [words.of(node.look), node.again ? 1 : 0];
    for (const { seen, part, then } of node.answers) {
      packed.push(words.of(seen), Number(part.toPrecision(DIGITS)), pack(then));
    }
    return nodes.of(packed);
  };
  pack(tree);
  return { words: words.all, nodes: nodes.all };
}

class Numbered<T> {
  readonly all: T[] = [];
  private readonly numbers = new Map<string, number>();

  of(one: T): number {
    const key = JSON.stringify(one);
    let number = this.numbers.get(key);
    if (number === undefined) {
      this.numbers.set(key, (number = this.all.length));
      this.all.push(one);
    }
    return number;
  }
}

function unpacked({ words, nodes }: GlanceFacts): GlanceNode {
  const made: GlanceNode[] = [];
  for (const [word, again, ...answers] of nodes) {
    if (again === undefined) {
      made.push(words[word!] as Outcome);
      continue;
    }
    const look = words[word!] as Look;
    const told = [];
    for (let k = 0; k < answers.length; k += 3) {
      const seen = words[answers[k]!] as readonly string[];
      told.push({ seen, part: answers[k + 1]!, then: made[answers[k + 2]!]! });
    }
    made.push(again ? { look, again: true, answers: told } : { look, answers: told });
  }
  return made.at(-1)!;
}
