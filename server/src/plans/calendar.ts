import { randomBytes, timingSafeEqual } from 'node:crypto';
import type { Calendar, Calendars } from '@sleetcrest/contract/table';
import { LRUCache } from 'lru-cache';
import type { Sequelize } from 'sequelize';
import type { Secrets } from '../accounts/secrets.js';
import { modelsOf, type Models } from '../database/models/index.js';
import { transaction } from '../database/transaction.js';
import { HttpProblem } from '../http/problem.js';
import { Threads } from '../threads/threads.js';
import { addressesOf, calendarOf, isAddress } from './queries.js';
import type { PlanService } from './service.js';
import type { CalendarAsked } from './write-calendar.js';
import { SAY } from './words.js';

// Hundreds of plans take a while to be written: not on the thread that answers.
const writers = new Threads<CalendarAsked, string>('calendars', {
  file: new URL('./write-calendar.js', import.meta.url),
  threads: 1,
  waiting: 40,
  seconds: 20,
});

/** Characters of calendars that are remembered. */
const MOST_REMEMBERED = 20_000_000;
const SECRET_BYTES = 24;

/**
 * A group's sessions as a calendar, at an address of each who teaches it: it cannot be guessed, can be changed and
 * withdrawn, and finds nothing once they teach it no more, or it is archived.
 */
export class CalendarService {
  private readonly models: Models;
  private readonly written = new LRUCache<string, string>({
    maxSize: MOST_REMEMBERED,
    sizeCalculation: (text) => text.length,
  });

  constructor(
    private readonly sequelize: Sequelize,
    private readonly secrets: Secrets,
    private readonly plans: PlanService,
  ) {
    this.models = modelsOf(sequelize);
  }

  /** Somebody's own address; made when it is first asked for. */
  async address(group: string, coach: string): Promise<Calendar> {
    const where = { groupId: group, coachId: coach };
    const fresh = { ...where, secret: randomBytes(SECRET_BYTES).toString('base64url') };
    await this.models.calendars.bulkCreate([fresh], { ignoreDuplicates: true });
    const row = await this.models.calendars.findOne({ where });
    if (!row) throw noCalendar();
    return { address: `/api/groups/${group}/calendar/${row.secret}.ics` };
  }

  /** From now on their address is another one; the one before finds nothing, nor does that which all had before. */
  async change(group: string, coach: string): Promise<Calendar> {
    await this.withdraw(group, coach);
    return this.address(group, coach);
  }

  /** Whose calendars read it. */
  async list(group: string): Promise<Calendars> {
    const rows = await addressesOf(this.sequelize, group);
    return {
      items: rows.map(({ coach, name, made_at }) => ({
        coach,
        name,
        since: made_at.toISOString(),
      })),
    };
  }

  /** Somebody's address finds nothing any more. */
  async withdraw(group: string, coach: string): Promise<void> {
    await transaction(this.sequelize, async (whole) => {
      const at = { transaction: whole };
      await this.models.calendars.destroy({ where: { groupId: group, coachId: coach }, ...at });
      await this.models.groups.increment('calendar', { where: { id: group }, ...at });
    });
  }

  /** The calendar file, for whoever has an address of it: written anew once a plan has changed. */
  async read(group: string, given: string, signal?: AbortSignal): Promise<string> {
    const row = await calendarOf(this.sequelize, group);
    if (!row || !(await this.isRight(group, given, row.calendar))) throw noCalendar();
    const key = `${group} ${row.state}`;
    let text = this.written.get(key);
    if (text === undefined) {
      const kept = await this.plans.list(group);
      const plans = kept.map(({ plan, changedAt }) => ({ ...plan, changedAt }));
      text = await writers.run({ name: row.name, zone: row.zone, plans }, signal);
      this.written.set(key, text);
    }
    return text;
  }

  private async isRight(group: string, given: string, number: number): Promise<boolean> {
    const secret = given.replace(/\.ics$/, '');
    if (await isAddress(this.sequelize, group, secret)) return true;
    // The one that all had before each had their own: calendars that read it go on.
    const bytes = await this.secrets.bytesFor(`calendar ${group} ${number}`);
    const [right, said] = [Buffer.from(bytes.toString('base64url')), Buffer.from(secret)];
    return said.length === right.length && timingSafeEqual(said, right);
  }
}

const noCalendar = (): HttpProblem => new HttpProblem(404, SAY.noSuchCalendar);
