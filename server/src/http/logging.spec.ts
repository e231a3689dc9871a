import { Writable } from 'node:stream';
import { aRecord, TestApp } from '../app.spec-support.js';
import { errorFields, openLog } from './logging.js';

/** A log that is kept in memory, line by line. */
function logged(): { log: ReturnType<typeof openLog>; lines: () => Record<string, unknown>[] } {
  const said: string[] = [];
  const destination = new Writable({
    write(line, _, done) {
      said.push(String(line));
      done();
    },
  });
  const log = openLog('trace', destination);
  return { log, lines: () => said.map((line) => JSON.parse(line) as Record<string, unknown>) };
}

describe('what is logged', () => {
  it('names the route and the status, and nothing that anybody wrote or looked for', async () => {
    const { log, lines } = logged();
    const app = await TestApp.start({ logger: log });
    const learner = app.somebody();
    await learner.signUp('Amalie Vik');
    await learner.ask('POST', '/api/log', aRecord({ note: 'my secret note' }));
    await learner.ask('GET', '/api/log?text=secret-words&limit=5');
    await learner.ask('GET', '/secret-address?token=secret');
    // A failure whose text and values tell it all.
    await app.database.sequelize.query('ALTER TABLE log_entries DROP COLUMN note');
    await learner.ask('POST', '/api/log', aRecord({ note: 'my secret note' }));
    await learner.ask('GET', '/api/log?text=secret-words');
    await app.stop();
    const all = JSON.stringify(lines());
    for (const word of ['secret', 'Amalie', 'larches', 'argon2']) expect(all).not.toContain(word);
    const failed = lines().find(({ msg }) => msg === 'request failed')!;
    expect(failed['error']).toEqual(jasmine.objectContaining({ code: '42703' }));
    const answered = lines().filter(({ status }) => status !== undefined);
    expect(answered.map(({ route }) => route)).toContain('GET /api/log');
    for (const line of answered) {
      expect(Object.keys(line).sort()).toEqual(
        jasmine.arrayContaining(['id', 'level', 'method', 'milliseconds', 'route', 'status']),
      );
    }
  });

  it('is of a field that may be, whatever is handed over', () => {
    const { log, lines } = logged();
    log.info({ note: 'secret', body: { phrase: 'secret' }, status: 200 }, 'something');
    const [line] = lines();
    expect(line!['status']).toBe(200);
    expect(JSON.stringify(line)).not.toContain('secret');
  });

  it('tells of an error where it came from, not what it says', () => {
    const error = new Error('secret\n    at secretly (secret.js:1:1)');
    const told = errorFields(error) as { kind: string; at: string[] };
    expect(told.kind).toBe('Error');
    expect(told.at[0]).toContain('logging.spec.js');
    expect(JSON.stringify(told)).not.toContain('secret');
    expect(errorFields('secret')).toEqual({ kind: 'string' });
  });
});
