import type PgBoss from 'pg-boss';

/** What each kind of job is told. */
export interface JobData {
  print: { print: string };
  'print-given-up': { print: string };
  purge: object;
  upkeep: object;
  'remove-account': { account: string };
  'practice-facts': { account: string };
}
export type JobKind = keyof JobData;

/** Tried three times in all, later each time; then it is given up. */
const RETRIED = { retryLimit: 2, retryDelay: 2, retryBackoff: true } as const;

/** How each kind is kept. What takes longer than it may is taken for lost, and done by another. */
export const QUEUES: Readonly<Record<JobKind, Omit<PgBoss.Queue, 'name'>>> = {
  'print-given-up': { ...RETRIED, expireInSeconds: 60 },
  print: { ...RETRIED, expireInSeconds: 900, deadLetter: 'print-given-up' },
  purge: { policy: 'stately', ...RETRIED, expireInSeconds: 900 },
  upkeep: { policy: 'stately', ...RETRIED, expireInSeconds: 900 },
  'remove-account': { retryLimit: 20, retryDelay: 5, retryBackoff: true, expireInSeconds: 900 },
  'practice-facts': { ...RETRIED, expireInSeconds: 120 },
};

/** What is done again and again, by the clock. */
export const SCHEDULES: Partial<Record<JobKind, string>> = {
  purge: '7 * * * *',
  upkeep: '37 3 * * *',
};

/** Seconds between looks for each kind; what somebody waits for is looked for more often. */
export const POLLED: Readonly<Record<JobKind, number>> = {
  print: 1,
  'print-given-up': 2,
  purge: 20,
  upkeep: 30,
  'remove-account': 10,
  'practice-facts': 5,
};
