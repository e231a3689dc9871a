import { getVtimezoneComponent } from '@touch4it/ical-timezones';
import type { SessionPlanDocument } from '@sleetcrest/contract/table';
import ICAL from 'ical.js';

// A line has at most 75 bytes, and one of them is the space it goes on with.
ICAL.foldLength = 74;

/** What a thread is asked to write. */
export interface CalendarAsked {
  name: string;
  zone: string;
  plans: readonly Planned[];
}

export type Planned = SessionPlanDocument & { changedAt: string };

const DAY = 86_400_000;

/**
 * RFC 5545, to be read and not answered. Times are those of the place, with its rules for changing clocks, so
 * that half past five stays half past five; a session every week is told by how many there are, which needs no
 * moment of an end.
 */
export function writeCalendar(
  { name, zone }: Pick<CalendarAsked, 'name' | 'zone'>,
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

/** Runs on a thread of its own (calendar.ts). */
export default function write({ name, zone, plans }: CalendarAsked): string {
  return writeCalendar({ name, zone }, plans);
}
