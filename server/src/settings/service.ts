import {
  methodSchema,
  readerPartSchema,
  type ChangeSettings,
  type Settings,
} from '@sleetcrest/contract';
import type { Saying } from '@sleetcrest/core/teaching/sayings';
import type { Sequelize } from 'sequelize';
import { modelsOf } from '../database/models/index.js';
import { taughtBy, toldLater } from './queries.js';

/** By setting: its value and when it was told, as `toISOString` writes moments, so that they sort. */
type ToldSettings = Record<string, { value: unknown; at: string }>;

/** Keeps how somebody reads, setting by setting: what was told of each last counts. */
export class SettingsService {
  constructor(private readonly sequelize: Sequelize) {}

  async read(account: string): Promise<Settings> {
    const row = await modelsOf(this.sequelize).settings.findByPk(account);
    return settingsIn((row?.told ?? {}) as ToldSettings);
  }

  /** The words for sequences that the coaches of somebody's groups use: a learner hears the same. */
  async taughtTo(learner: string): Promise<Saying[]> {
    const rows = await taughtBy(this.sequelize, learner);
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
    return settingsIn((await toldLater(this.sequelize, account, given)) as ToldSettings);
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
