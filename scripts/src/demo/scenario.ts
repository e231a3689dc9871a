import type { KeepMethod } from '@sleetcrest/contract';
import { approachById, type PatternApproach } from '@sleetcrest/core/teaching/approaches';

/**
 * The demo's scenario: Thursday evenings in winter, while the last ferry is awaited at Skarvik
 * landing, Runa keeps a cube table in the waiting room. Whoever waits may sit down and learn.
 */
export interface DemoCube {
  id: string;
  name: string;
  /** The seed of the mixed cube that was put on the table. */
  seed: number;
  firstColour: 'white' | 'yellow' | 'blue';
  /** How much of the walk has been done, 0…1. */
  walked: number;
}

export const DEMO_NAME = 'ferry-landing';

/** Oldest first. */
export const DEMO_CUBES: readonly DemoCube[] = [
  {
    id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101',
    name: 'Runa shows the whole walk',
    seed: 17,
    firstColour: 'white',
    walked: 1,
  },
  {
    id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e102',
    name: 'Teo, first daisy',
    seed: 4,
    firstColour: 'white',
    walked: 0.03,
  },
  {
    id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e103',
    name: 'Amalie, corners going in',
    seed: 29,
    firstColour: 'white',
    walked: 0.32,
  },
  {
    id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e104',
    name: 'Grandfather Ivo, blue first',
    seed: 8,
    firstColour: 'blue',
    walked: 0.45,
  },
  {
    id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e105',
    name: 'Nils between two ferries',
    seed: 61,
    firstColour: 'white',
    walked: 0.62,
  },
  {
    id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e106',
    name: 'Sunniva, last corners',
    seed: 33,
    firstColour: 'yellow',
    walked: 0.88,
  },
];

export const DEMO_METHOD_NAME = 'ferry-landing-method';

/** Runa says every case of the cross aloud, so hers are told in her own words. */
function runasCross(): PatternApproach {
  const builtIn = approachById('ycross-two') as PatternApproach;
  const why: Record<string, string> = {
    dot: 'Nothing up yet: do the one for the bar, and two {opposite} ones come up side by side.',
    angle: 'Like the hands of a clock at a quarter to twelve. These six finish the cross.',
    bar: 'Like the quay seen from the ferry, from left to right. These six finish the cross.',
  };
  const cases = builtIn.cases.map((one) => {
    const name = one.id.split('/')[1]!;
    return { ...one, id: `runas-cross/${name}`, why: why[name]! };
  });
  const { short: _, ...words } = builtIn;
  return { ...words, id: 'runas-cross', title: 'Last cross as Runa tells it', cases };
}

/** What Runa teaches those who have time for two ferries. */
export const DEMO_METHOD: KeepMethod['method'] = {
  format: 'sleetcrest/method@1',
  id: 'two-ferries',
  title: 'Two ferries: Runa’s way',
  approaches: [
    'daisy',
    'daisy-cross',
    'corners-three',
    'middle-eight',
    structuredClone<Exclude<KeepMethod['method']['approaches'][number], string>>(runasCross()),
    'edges-match',
    'place-left',
    'turn-under',
  ],
};
