import type { CubeDocument } from '../../puzzle/cube/index.js';
import type { Stage } from '../../teaching/stages/index.js';
import { SAY } from './words.js';

/** What a coach sets: a lesson, cases to recognise, a stage on the clock, a cube, or planning first steps. */
export type Task =
  | { readonly do: 'lesson'; readonly case: string }
  | { readonly do: 'cases'; readonly cases: readonly string[]; readonly times: number }
  | { readonly do: 'stage'; readonly stage: Stage; readonly times: number }
  | { readonly do: 'scramble'; readonly scramble: string }
  | { readonly do: 'cube'; readonly cube: CubeDocument }
  | { readonly do: 'plan'; readonly times: number };

/**
 * What is to be done, in words.
 * @param title of a case or a stage, by its id
 */
export function taskWords(task: Task, title: (id: string) => string): string {
  switch (task.do) {
    case 'lesson':
      return SAY.theLesson({ case: title(task.case) });
    case 'cases': {
      const all = task.cases.map((id) => `“${title(id)}”`).join(', ');
      return SAY.recogniseRightEach({ all, times: task.times });
    }
    case 'stage':
      return SAY.onTheClock({ stage: title(task.stage), times: task.times });
    case 'scramble':
      return SAY.solveTheCubeMixedBy({ scramble: task.scramble });
    case 'cube':
      return SAY.solveTheCubeThatIs;
    case 'plan':
      return SAY.planTheFirstSteps({ times: task.times });
  }
}

/** The cases that a task is about, to be shown by their pictures. */
export function casesOf(task: Task): readonly string[] {
  if (task.do === 'lesson') return [task.case];
  return task.do === 'cases' ? task.cases : [];
}

/** How much of something is the whole of it. */
export function wholeOf(task: Task): number {
  if (task.do === 'cases') return task.times * task.cases.length;
  return 'times' in task ? task.times : 1;
}
