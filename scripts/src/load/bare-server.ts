// The least that could do the same insert: Express and pg, no session, no checks. What Sleetcrest's
// own throughput is held against. Run as a process of its own, like the server.
import express from 'express';
import pg from 'pg';
import type { LogEntry } from '@sleetcrest/core/learner/log';

const pool = new pg.Pool({ connectionString: process.env['BARE_DATABASE_URL'], max: 10 });
const account = process.env['BARE_ACCOUNT'];

const app = express();
app.use(express.json());
app.post('/api/log', async (request, response) => {
  const entry = request.body as LogEntry;
  await pool.query(
    `INSERT INTO log_entries (account_id, id, kind, stage, began_at, utc_offset, hundredths, outcome,
       reason, note, method, cube, scramble, turns, split_stages, split_hundredths, split_turns, tags)
     VALUES ($1, $2, $3, $4, $5, 0, $6, $7, $8, $9, $10, $11, $12, $13, $14, $15, $16, $17)`,
    [
      account,
      entry.id,
      entry.kind,
      entry.stage,
      entry.beganAt,
      Math.round((entry.time ?? 0) * 100),
      entry.outcome,
      entry.reason,
      entry.note,
      entry.method,
      entry.cube,
      entry.scramble,
      entry.turns,
      entry.splits.map(({ stage }) => stage),
      entry.splits.map(({ time }) => Math.round(time * 100)),
      entry.splits.map(({ turns }) => turns),
      entry.tags,
    ],
  );
  response.status(201).json(entry);
});
app.listen(Number(process.env['BARE_PORT']), '127.0.0.1', () => process.send?.('ready'));
process.on('disconnect', () => process.exit());
