import { LocalPractice } from './local-practice';

/** What is done with the answers of practice in a worker. */
export const practiceDeeds = (name: string) => ({ practice: new LocalPractice(name) });
export type PracticeDeeds = ReturnType<typeof practiceDeeds>;
