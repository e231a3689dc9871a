import type { Random } from '../../puzzle/cube/index.js';
import { STAGES } from '../../teaching/stages/index.js';
import { BLANK_ENTRY, ENTRY_KINDS, type LogEntry, OUTCOMES } from './entry.js';

/** A record for specs, finished in 60 s on 1 November unless said otherwise. */
export const anEntry = (change: Partial<LogEntry> = {}): LogEntry => ({
  ...BLANK_ENTRY,
  id: '00000000-0000-4000-8000-000000000001',
  beganAt: '2026-11-01T10:00:00.000+01:00',
  time: 60,
  method: 'gentle',
  ...change,
});

/** Records as they may come, spread over some weeks. */
export function someEntries(count: number, random: Random): LogEntry[] {
  return Array.from({ length: count }, (_, k) => {
    const at = new Date(Date.UTC(2026, 9, 1 + random(45), random(24), random(60)));
    const kind = ENTRY_KINDS[random(ENTRY_KINDS.length)]!;
    const time = random(9) === 0 ? null : random(20_000) / 100;
    return anEntry({
      id: `00000000-0000-4000-8000-${String(k).padStart(12, '0')}`,
      kind,
      stage: kind === 'stage' ? STAGES[random(STAGES.length)]! : null,
      beganAt: at.toISOString(),
      time,
      outcome: OUTCOMES[random(OUTCOMES.length)]!,
      method: ['gentle', 'white-up'][random(2)]!,
      note: ['', 'In the boathouse', 'tired'][random(3)]!,
      tags: random(2) === 0 ? [] : ['club'],
      splits:
        random(3) === 0 || time === null
          ? []
          : STAGES.slice(0, 1 + random(5)).map((stage) => ({
              stage,
              time: random(2000) / 100,
              turns: random(4) === 0 ? null : random(40),
            })),
    });
  });
}
