import { FOR_ONESELF, type LogFilter } from '@sleetcrest/core/learner/log';

/** A condition, and the values it binds. */
export interface Where {
  sql: string;
  bind: unknown[];
}

/** A filter, and whether a coach looks: what is for oneself alone is never among it then. */
export type SeenFilter = LogFilter & { byCoach?: boolean | undefined };

const likely = (text: string): string => `%${text.replaceAll(/[\\%_]/g, (one) => `\\${one}`)}%`;

/**
 * The records of an account, or of several, that a filter means. Those deleted are in none, unless
 * they are what is asked for.
 */
export function whereOf(
  accounts: string | readonly string[],
  filter: SeenFilter,
  deleted = false,
): Where {
  const bind: unknown[] = [accounts];
  const whose = typeof accounts === 'string' ? 'account_id = $1' : 'account_id = ANY ($1::uuid[])';
  const parts = [whose, deleted ? 'deleted_at IS NOT NULL' : 'deleted_at IS NULL'];
  const add = (value: unknown, sql: (at: string) => string): void => {
    if (value === undefined) return;
    bind.push(value);
    parts.push(sql(`$${bind.length}`));
  };
  if (filter.byCoach) parts.push(`NOT tags @> ARRAY['${FOR_ONESELF}']::text[]`);
  add(filter.from, (at) => `day >= ${at}`);
  add(filter.to, (at) => `day <= ${at}`);
  add(filter.kind, (at) => `kind = ${at}`);
  add(filter.stage, (at) => `(stage = ${at} OR split_stages @> ARRAY[${at}]::text[])`);
  add(filter.method, (at) => `method = ${at}`);
  add(filter.outcome, (at) => `outcome = ${at}`);
  add(filter.tag, (at) => `tags @> ARRAY[${at}]::text[]`);
  add(filter.text && likely(filter.text), (at) => {
    const fields = ['note', 'reason', 'cube'].map((field) => `${field} ILIKE ${at}`);
    return `(${fields.join(' OR ')} OR EXISTS (SELECT FROM unnest(tags) tag WHERE tag ILIKE ${at}))`;
  });
  return { sql: parts.join(' AND '), bind };
}

/** Records that count in statistics. */
export const TIMED = `outcome = 'finished' AND hundredths IS NOT NULL`;
