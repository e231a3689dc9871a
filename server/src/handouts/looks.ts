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
import { capitalised, either } from '@sleetcrest/core/words';
import type { Content } from 'pdfmake/interfaces.js';
import { SAY } from './words.js';

/** Branches that are rarer than this are not printed: a page is to be read at a glance. */
const LEAST_PART = 0.015;

/** A page that says what to look at first, as a tree; nothing turned where that is enough. */
export async function looksContent(approach: Approach, first: Side): Promise<Content[]> {
  const ahead = await planOfLooks(approach, 'ahead');
  const plan = ahead.open === 0 ? ahead : await planOfLooks(approach, 'around');
  const { title } = stageWords(approach.stage, first, STANDARD_SCHEME);
  const writer = new Writer(approach, first, pictureHold(approach, first));
  return [
    { text: SAY.whatToLookAt({ stage: title }), style: 'stage', pageBreak: 'before' },
    { text: figures(plan), style: 'quiet', margin: [0, 0, 0, 6] },
    writer.node(plan.tree),
  ];
}

/** The plan of an approach: known where it is built in, made where it is somebody's own. */
export const planOfLooks = async (approach: Approach, sight: Sight): Promise<GlancePlan> =>
  (await knownGlance(approach, sight)) ?? glancePlan(gaze(approach), sight);

function figures({ mean, worst, sight }: GlancePlan): string {
  return SAY.figures({ mean: mean.toFixed(1), worst, sight });
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
        SAY.place({ place: capitalised(place) }),
        {
          ul: [
            ...said.map(({ seen, then }): Content => {
              const told = seenWords(seen, STANDARD_SCHEME, this.first, this.hold);
              const words = SAY.seen({ seen: told });
              if ('answers' in then) return { stack: [words, this.node(then)] };
              return { text: [words, { text: this.end(then), bold: true }] };
            }),
            ...(rare > 0 ? [{ text: SAY.rare, color: '#3c4d5e' }] : []),
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
    if ('open' in node) return either(node.open.map(title));
    return SAY.caseAfterTurning({ turned: node.turn ?? 0, title: title(node.case) });
  }
}
