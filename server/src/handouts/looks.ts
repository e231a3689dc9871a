import { type Hold, type Side, stageWords, STANDARD_SCHEME } from '@sleetcrest/core';
import {
  gaze,
  type GlanceNode,
  glancePlan,
  type GlancePlan,
  knownGlance,
  lookPlace,
  seenWords,
  type Sight,
} from '@sleetcrest/core/insight/glance';
import { pictureHold } from '@sleetcrest/core/shown/cases';
import { type Approach, caseTitle } from '@sleetcrest/core/teaching/approaches';
import type { Content } from 'pdfmake/interfaces.js';

/** Branches that are rarer than this are not printed: a page is to be read at a glance. */
const LEAST_PART = 0.015;
const TURNED = [
  '',
  'Turn the whole cube a quarter to the left. ',
  'Turn the whole cube half way round. ',
  'Turn the whole cube a quarter to the right. ',
];

/** A page that says what to look at first, as a tree; nothing turned where that is enough. */
export async function looksContent(approach: Approach, first: Side): Promise<Content[]> {
  const ahead = await planOfLooks(approach, 'ahead');
  const plan = ahead.open === 0 ? ahead : await planOfLooks(approach, 'around');
  const { title } = stageWords(approach.stage, first, STANDARD_SCHEME);
  const writer = new Writer(approach, first, pictureHold(approach, first));
  return [
    { text: `${title}: what to look at`, style: 'stage', pageBreak: 'before' },
    { text: figures(plan), style: 'quiet', margin: [0, 0, 0, 6] },
    writer.node(plan.tree),
  ];
}

/** The plan of an approach: known where it is built in, made where it is somebody's own. */
export const planOfLooks = async (approach: Approach, sight: Sight): Promise<GlancePlan> =>
  (await knownGlance(approach, sight)) ?? glancePlan(gaze(approach), sight);

function figures({ mean, worst, sight }: GlancePlan): string {
  const where = sight === 'ahead' ? 'on top, in front and on the right' : 'all round';
  return `${mean.toFixed(1)} looks on average, ${worst} at most, ${where}. Read down: what is seen decides which line comes next.`;
}

class Writer {
  constructor(
    private readonly approach: Approach,
    private readonly first: Side,
    private readonly hold: Hold,
  ) {}

  node(node: GlanceNode): Content {
    if (!('answers' in node)) return { text: this.end(node), bold: true };
    const place = lookPlace(node.look);
    const said = node.answers.filter(({ part }) => part >= LEAST_PART);
    const rare = node.answers.length - said.length;
    return {
      stack: [
        `${place.replace(/^./, (letter) => letter.toUpperCase())}:`,
        {
          ul: [
            ...said.map(({ seen, then }): Content => {
              const words = `${seenWords(seen, STANDARD_SCHEME, this.first, this.hold)}: `;
              if ('answers' in then) return { stack: [words, this.node(then)] };
              return { text: [words, { text: this.end(then), bold: true }] };
            }),
            ...(rare > 0
              ? [{ text: 'anything else is rare: go through the cases', color: '#3c4d5e' }]
              : []),
          ],
        },
      ],
    };
  }

  private end(node: Exclude<GlanceNode, { answers: unknown }>): string {
    const title = (id: string): string => {
      const one = this.approach.cases.find((each) => each.id === id);
      return one ? caseTitle(one, this.first, STANDARD_SCHEME) : id;
    };
    if ('open' in node) return node.open.map(title).join(' or ');
    return `${TURNED[node.turn ?? 0]}${title(node.case)}`;
  }
}
