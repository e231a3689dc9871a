import { createHmac, timingSafeEqual } from 'node:crypto';
import { getVtimezoneComponent } from '@touch4it/ical-timezones';
import type { Calendar, SessionPlanDocument } from '@sleetcrest/contract/table';
import ICAL from 'ical.js';
import { QueryTypes, type Sequelize } from 'sequelize';
import type { Secrets } from '../accounts/secrets.js';
import { HttpProblem } from '../http/problem.js';
import type { PlanService } from './service.js';

// A line has at most 75 bytes, and one of them is the space it goes on with.
ICAL.foldLength = 74;

interface GroupRow {
  name: string;
  zone: string;
  calendar: number;
}

/** A group's sessions as a calendar, at an address that cannot be guessed and can be changed. */
export class CalendarService {
  constructor(
    private readonly sequelize: Sequelize,
    private readonly secrets: Secrets,
    private readonly plans: PlanService,
  ) {}

  async address(group: string): Promise<Calendar> {
    const { calendar } = await this.group(group);
    return { address: `/api/groups/${group}/calendar/${await this.secretOf(group, calendar)}.ics` };
  }

  /** From now on the address is another one; the one before finds nothing. */
  async change(group: string): Promise<Calendar> {
    await this.sequelize.query('UPDATE groups SET calendar = calendar + 1 WHERE id = $1', {
      bind: [group],
    });
    return this.address(group);
  }

  /** The calendar file, for whoever has the address. */
  async read(group: string, given: string): Promise<string> {
    const row = await this.group(group);
    const right = Buffer.from(`${await this.secretOf(group, row.calendar)}.ics`);
    const said = Buffer.from(given);
    if (said.length !== right.length || !timingSafeEqual(said, right)) throw noCalendar();
    const kept = await this.plans.list(group);
    return writeCalendar(
      row,
      kept.map(({ plan, changedAt }) => ({ ...plan, changedAt })),
    );
  }

  private async group(id: string): Promise<GroupRow> {
    const [row] = await this.sequelize.query<GroupRow>(
      'SELECT name, zone, calendar FROM groups WHERE id = $1',
      { bind: [id], type: QueryTypes.SELECT },
    );
    if (!row) throw noCalendar();
    return row;
  }

  private async secretOf(group: string, calendar: number): Promise<string> {
    return createHmac('sha256', await this.secrets.forTokens())
      .update(`calendar ${group} ${calendar}`)
      .digest('base64url');
  }
}

const noCalendar = (): HttpProblem =>
  new HttpProblem(404, 'No calendar is at this address; ask the coach for the one in use.');

type Planned = SessionPlanDocument & { changedAt: string };

const DAY = 86_400_000;

/**
 * RFC 5545, to be read and not answered. Times are those of the place, with its rules for changing clocks, so
 * that half past five stays half past five; a session every week is told by how many there are, which needs no
 * moment of an end.
 */
export function writeCalendar(
  { name, zone }: Pick<GroupRow, 'name' | 'zone'>,
  plans: readonly Planned[],
): string {
  const calendar = new ICAL.Component(['vcalendar', [], []]);
  calendar.addPropertyWithValue('version', '2.0');
  calendar.addPropertyWithValue('prodid', '-//Sleetcrest//The table//EN');
  calendar.addPropertyWithValue('method', 'PUBLISH');
  calendar.addPropertyWithValue('x-wr-calname', name);
  const rules = zone === 'UTC' ? undefined : getVtimezoneComponent(zone);
  if (rules) calendar.addSubcomponent(new ICAL.Component(ICAL.parse(rules) as never));
  for (const plan of plans) {
    calendar.addSubcomponent(eventOf(plan, name, rules ? zone : null));
  }
  return `${calendar.toString()}\r\n`;
}

function eventOf(plan: Planned, group: string, zone: string | null): ICAL.Component {
  const event = new ICAL.Component('vevent');
  event.addPropertyWithValue('uid', `${plan.id}@sleetcrest`);
  event.addPropertyWithValue('dtstamp', ICAL.Time.fromJSDate(new Date(plan.changedAt), true));
  const begins = ICAL.Time.fromDateTimeString(`${plan.on}T${plan.at}:00`);
  const start = event.addPropertyWithValue('dtstart', begins);
  if (zone) start.setParameter('tzid', zone);
  else begins.zone = ICAL.Timezone.utcTimezone;
  event.addPropertyWithValue('duration', ICAL.Duration.fromSeconds(plan.minutes * 60));
  if (plan.repeats === 'weekly') {
    event.addPropertyWithValue('rrule', ICAL.Recur.fromData({ freq: 'WEEKLY', ...countOf(plan) }));
  }
  event.addPropertyWithValue('summary', group);
  if (plan.note) event.addPropertyWithValue('description', plan.note);
  return event;
}

function countOf({ on, until }: Planned): { count?: number } {
  if (until === null) return {};
  return { count: Math.max(1, Math.floor((Date.parse(until) - Date.parse(on)) / (7 * DAY)) + 1) };
}
