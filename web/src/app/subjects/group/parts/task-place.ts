import type { Task } from '@sleetcrest/core/group/tasks';

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
