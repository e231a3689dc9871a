import { casesIn } from './follow.js';
import type { GlanceNode } from './plan.js';

/** The way through a plan on which a case is come to most often: at each look the answer, by number. */
export function likelyWay(tree: GlanceNode, caseId: string): number[] {
  const way: number[] = [];
  let node = tree;
  while ('answers' in node) {
    const { answers } = node;
    const shares = answers.map(({ then, part }) => shareOf(then, part, caseId));
    const best = shares.indexOf(Math.max(...shares));
    if (shares[best] === 0) break;
    way.push(best);
    node = answers[best]!.then;
  }
  return way;
}

/** The part of all looks in which a part of a plan ends in a case. */
function shareOf(node: GlanceNode, part: number, caseId: string): number {
  if (!('answers' in node)) return 'case' in node && node.case === caseId ? part : 0;
  if (!casesIn(node).includes(caseId)) return 0;
  return node.answers.reduce((sum, one) => sum + shareOf(one.then, one.part, caseId), 0);
}
