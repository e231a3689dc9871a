import { createHash, randomUUID } from 'node:crypto';
import { hash } from '@node-rs/argon2';
import pg from 'pg';
import { layTable } from './table.js';

/** People to ask as, each with a session; put there by SQL, as signing up takes its time. */
export interface People {
  cookies: string[];
  /** Ids of records, groups, what is on their tables, and people there are, and of some there are not. */
  ids: string[];
  /** Begins all sessions anew: requests end them. */
  again(): Promise<void>;
  end(): Promise<void>;
}

const COACHES = 2;
const LEARNERS = 8;
const GUESTS = 2;
/** So many that a log takes longer to send than a slow reader reads. */
const RECORDS = 1500;

const tokenOf = (id: string): string =>
  createHash('sha256').update(`token of ${id}`).digest('base64url');

/** The phrase of all of them, and what the database keeps of it. */
const PHRASE = 'three larches by the shore';
const PHRASE_HASH = await hash(PHRASE);

export async function peopleIn(adminUrl: string): Promise<People> {
  const client = new pg.Client(adminUrl);
  // The cluster may be gone before we are, when something went wrong.
  client.on('error', () => undefined);
  await client.connect();
  const ids: string[] = [];
  const again = async (): Promise<void> => {
    for (const [k, id] of ids.entries()) {
      const role = k < COACHES ? 'coach' : k < COACHES + LEARNERS ? 'learner' : 'guest';
      const name = role === 'guest' ? null : `Person ${k}`;
      await client.query(
        `INSERT INTO accounts (id, role, name, name_key, phrase_hash)
         VALUES ($1, $2, $3, $4, $5) ON CONFLICT DO NOTHING`,
        [id, role, name, name?.toLowerCase(), name && PHRASE_HASH],
      );
      await client.query(
        `INSERT INTO sessions (token_hash, account_id, expires_at)
         SELECT $1, id, now() + interval '1 day' FROM accounts WHERE id = $2 ON CONFLICT DO NOTHING`,
        [createHash('sha256').update(tokenOf(id)).digest(), id],
      );
    }
  };
  for (let k = 0; k < COACHES + LEARNERS + GUESTS; k++) ids.push(randomUUID());
  await again();
  const laid = await layTable(
    client,
    ids.slice(0, COACHES),
    ids.slice(COACHES, COACHES + LEARNERS),
  );
  await client.query(
    `INSERT INTO log_entries (account_id, id, kind, began_at, utc_offset, hundredths, outcome, reason,
       note, method, cube, scramble, turns, split_stages, split_hundredths, split_turns, tags)
     SELECT id, gen_random_uuid(), 'solve', now() - n * interval '1 hour', 60, 5000 + n, 'finished', '',
       repeat('a note ', 20), 'gentle', '', '', '', ARRAY['daisy'], ARRAY[900], ARRAY[8], '{}'
     FROM accounts, generate_series(1, $1) n WHERE role = 'learner'`,
    [RECORDS],
  );
  const { rows } = await client.query<{ id: string }>('SELECT id FROM log_entries LIMIT 10');
  return {
    cookies: ids.map((id) => `sleetcrest_session=${tokenOf(id)}`),
    ids: [...ids, ...laid, ...rows.map(({ id }) => id), randomUUID(), randomUUID()],
    again,
    end: () => client.end(),
  };
}
