import { writeCubeDocument } from '@sleetcrest/core';
import type { Where } from '../../../subjects/group';
import type { WalkScene } from '../../../subjects/walk';
import { SAY } from './words';

/** Where somebody is on a walk, for whoever sits at a table. */
export function whereOn({ position, timeline, cube, ridge, frame }: WalkScene): Where {
  const here = ridge.find(({ state }) => state === 'here');
  return {
    doing: frame === null ? 'done' : 'walk',
    title: here?.title ?? SAY.solved2,
    at: position.step,
    of: timeline.frames.length,
    cube: writeCubeDocument(cube, timeline.scheme),
  };
}
