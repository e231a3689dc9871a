import type { CubeDocument } from '../../puzzle/cube/index.js';
import type { Stage } from '../../teaching/stages/index.js';

/** What a coach sets: a lesson, cases to recognise, a stage on the clock, a cube, or planning first steps. */
export type Task =
  | { readonly do: 'lesson'; readonly case: string }
  | { readonly do: 'cases'; readonly cases: readonly string[]; readonly times: number }
  | { readonly do: 'stage'; readonly stage: Stage; readonly times: number }
  | { readonly do: 'scramble'; readonly scramble: string }
  | { readonly do: 'cube'; readonly cube: CubeDocument }
  | { readonly do: 'plan'; readonly times: number };

const often = (times: number): string => (times === 1 ? 'once' : `${times} times`);

/**
 * What is to be done, in words.
 * @param title of a case or a stage, by its id
 */
export function taskWords(task: Task, title: (id: string) => string): string {
  switch (task.do) {
    case 'lesson':
      return `The lesson “${title(task.case)}”`;
    case 'cases': {
      const all = task.cases.map((id) => `“${title(id)}”`).join(', ');
      return `Recognise ${all}, ${often(task.times)} right each`;
    }
    case 'stage':
      return `${title(task.stage)} on the clock, ${often(task.times)}`;
    case 'scramble':
      return `Solve the cube mixed by ${task.scramble}`;
    case 'cube':
      return 'Solve the cube that is set';
    case 'plan':
      return `Plan the first steps, ${often(task.times)}`;
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
