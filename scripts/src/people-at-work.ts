import { randomUUID } from 'node:crypto';
import { BLANK_ENTRY, type LogEntry } from '@sleetcrest/core/learner/log';

/** A record as a timed solve makes it. */
export const someRecord = (): LogEntry => ({
  ...BLANK_ENTRY,
  id: randomUUID(),
  beganAt: new Date().toISOString(),
  time: 83.42,
  method: 'gentle',
  cube: 'the blue one',
  scramble: "R U2 F' L D2 B R' U F2 L2 D' B2 U R2 F L' D B' U2 R",
  splits: [
    { stage: 'daisy', time: 9.31, turns: 8 },
    { stage: 'cross', time: 8.02, turns: 7 },
    { stage: 'corners', time: 24.7, turns: 31 },
  ],
});

/** Signs somebody up; gives the cookie of their session. */
export async function signUp(
  address: string,
  name: string,
  role: 'coach' | 'learner' = 'learner',
): Promise<string> {
  const answer = await fetch(`${address}/api/accounts`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ name, phrase: 'three larches by the shore', role }),
  });
  if (answer.status !== 201) throw new Error(await answer.text());
  return cookieOf(answer);
}

/** The session that an answer gave. */
export const cookieOf = (answer: Response): string =>
  answer.headers.getSetCookie()[0]!.split(';')[0]!;
