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
