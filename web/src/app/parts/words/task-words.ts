import type { Task } from '@sleetcrest/contract/table';
import { counted } from './counted';

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
      return `Recognise ${all}, ${counted(task.times, 'time')} right each`;
    }
    case 'stage':
      return `${title(task.stage)} on the clock, ${counted(task.times, 'time')}`;
    case 'scramble':
      return `Solve the cube mixed by ${task.scramble}`;
    case 'cube':
      return 'Solve the cube that is set';
    case 'plan':
      return `Plan the first steps, ${counted(task.times, 'time')}`;
  }
}

/** Where it is done. */
export function taskPlace(task: Task): { path: string; query: Record<string, string> } {
  switch (task.do) {
    case 'lesson':
      return { path: '/learn/lesson', query: { case: task.case } };
    case 'cases':
      return { path: '/learn/practice', query: { kind: 'see' } };
    case 'stage':
      return { path: '/timing', query: { stage: task.stage } };
    case 'scramble':
      return { path: '/timing', query: { scramble: task.scramble } };
    case 'cube':
      return { path: '/bench', query: {} };
    case 'plan':
      return { path: '/learn/plan', query: {} };
  }
}
