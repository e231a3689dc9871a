import { BLANK_ENTRY, type LogEntry } from '@sleetcrest/core/learner/log';

let made = 0;

/** An id that no other record made here has. */
const nextId = (): string => `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`;

/** A record: a solve of a minute on 1 November, unless said otherwise. */
export const anEntry = (change: Partial<LogEntry> = {}): LogEntry => ({
  ...BLANK_ENTRY,
  id: nextId(),
  beganAt: '2026-11-01T10:00:00.000Z',
  time: 60,
  method: 'gentle',
  ...change,
});

/** A record of which everything is told. */
export const aFullEntry = (change: Partial<LogEntry> = {}): LogEntry =>
  anEntry({
    beganAt: '2026-11-20T18:03:00.000+01:00',
    time: 83.42,
    cube: 'the blue one',
    scramble: "R U2 F'",
    turns: "F U2 R'",
    tags: ['club'],
    splits: [{ stage: 'daisy', time: 12.5, turns: 9 }],
    ...change,
  });
