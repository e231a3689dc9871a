import { skyline } from '@sleetcrest/core';
import type { Standing } from '@sleetcrest/core/learner/standing';
import type { Content } from 'pdfmake/interfaces.js';
import type { PageAsked } from './asked.js';

/** The ink of what is said beside. */
export const QUIET = '#3c4d5e';
const DONE = '#2c6a5b';
const FAR = '#cdd9e3';

/** A rise for each stage, dark where it is sure. */
export function ridgeOf({ row }: PageAsked, width: number): Content {
  const rises = skyline(row.stages.map(() => 1));
  const paths = rises.map(({ path }, k) => {
    const { standing } = row.stages[k]!;
    const ink = standing === 'sure' ? DONE : standing === 'known' ? '#8fb5aa' : FAR;
    return `<path d="${path}" fill="${ink}"/>`;
  });
  return {
    svg: `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1000 100" preserveAspectRatio="none">${paths.join('')}</svg>`,
    width,
    margin: [0, 2, 0, 2],
  };
}

/** How the stages are called with which somebody stands so. */
export const titlesOf = ({ row, stages }: PageAsked, ...standings: Standing[]): string[] =>
  stages.filter((_, k) => standings.includes(row.stages[k]!.standing)).map(({ title }) => title);
