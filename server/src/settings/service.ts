import {
  methodSchema,
  readerPartSchema,
  type ChangeSettings,
  type Settings,
} from '@sleetcrest/contract';
import type { Saying } from '@sleetcrest/core/sayings';
import { QueryTypes, type Sequelize } from 'sequelize';

/** By setting: its value and when it was told, as `toISOString` writes moments, so that they sort. */
type ToldSettings = Record<string, { value: unknown; at: string }>;

/** Keeps how somebody reads, setting by setting: what was told of each last counts. */
export class SettingsService {
  constructor(private readonly sequelize: Sequelize) {}

  async read(account: string): Promise<Settings> {
    const [row] = await this.sequelize.query<{ told: ToldSettings }>(
      'SELECT told FROM settings WHERE account_id = $1',
      { bind: [account], type: QueryTypes.SELECT },
    );
    return settingsIn(row?.told ?? {});
  }

  /** The words for sequences that the coaches of somebody's groups use: a learner hears the same. */
  async taughtTo(learner: string): Promise<Saying[]> {
    const rows = await this.sequelize.query<{ method: unknown }>(
      `SELECT told #> '{method,value}' AS method FROM settings WHERE account_id IN (
         SELECT coach_id FROM groups JOIN group_members ON group_id = groups.id
         WHERE learner_id = $1)
       ORDER BY account_id`,
      { bind: [learner], type: QueryTypes.SELECT },
    );
    return rows.flatMap(({ method }) => {
      const read = methodSchema.safeParse(method);
      return read.success ? [...(read.data.sayings ?? [])] : [];
    });
  }

  /** The moment of a change is not taken for later than now; sent again it changes nothing more. */
  async change(account: string, { settings, told }: ChangeSettings): Promise<Settings> {
    const at = new Date(Math.min(Date.parse(told.at), Date.now())).toISOString();
    const given = Object.fromEntries(
      Object.entries(settings).map(([name, value]) => [name, { value, at }]),
    );
    const [row] = await this.sequelize.query<{ told: ToldSettings }>(
      `INSERT INTO settings AS kept (account_id, told) VALUES ($1, $2::jsonb)
       ON CONFLICT (account_id) DO UPDATE SET told = kept.told || (
         SELECT coalesce(jsonb_object_agg(name, setting), '{}')
         FROM jsonb_each($2::jsonb) AS given (name, setting)
         WHERE coalesce(kept.told #>> ARRAY[name, 'at'], '') <= setting ->> 'at')
       RETURNING told`,
      { bind: [account, JSON.stringify(given)], type: QueryTypes.SELECT },
    );
    return settingsIn(row!.told);
  }
}

/** A setting that is no more, or is kept in a way that is no more, is as if it were not told. */
function settingsIn(told: ToldSettings): Settings {
  const settings = Object.entries(told).flatMap(([name, { value }]) => {
    const parsed = readerPartSchema.safeParse({ [name]: value });
    return parsed.success ? Object.entries(parsed.data) : [];
  });
  return { settings: Object.fromEntries(settings) };
}
