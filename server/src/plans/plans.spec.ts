import { randomUUID } from 'node:crypto';
import { invitationSchema } from '@sleetcrest/contract/accounts';
import {
  calendarSchema,
  calendarsSchema,
  keptPlanAnswerSchema,
  type SessionPlanDocument,
} from '@sleetcrest/contract/table';
import ICAL from 'ical.js';
import type { Visitor } from '../app.spec-support.js';
import { AGroup } from '../groups/group.spec-support.js';
import { writeCalendar } from './write-calendar.js';

const aPlan = (change: Partial<SessionPlanDocument> = {}): SessionPlanDocument => ({
  id: randomUUID(),
  on: '2026-10-15',
  at: '17:30',
  minutes: 60,
  repeats: 'never',
  until: null,
  cubes: 6,
  comes: [],
  warmUp: [],
  tables: [],
  note: '',
  seed: 4,
  ...change,
});

describe('planned sessions', () => {
  let here: AGroup;
  beforeEach(async () => (here = await AGroup.start()));
  afterEach(() => here.app.stop());

  const keep = (plan: SessionPlanDocument, basis: string | null) =>
    here.coach.ask('PUT', `${here.at}/plans/${plan.id}`, { plan, basis });

  it('are kept once, however often they are sent, and never over what another changed meanwhile', async () => {
    const plan = aPlan();
    const first = keptPlanAnswerSchema.parse((await keep(plan, null)).body);
    expect(keptPlanAnswerSchema.parse((await keep(plan, null)).body)).toEqual(first);
    const mine = { ...plan, note: 'mine' };
    expect((await keep(mine, null)).status).toBe(409);
    const second = keptPlanAnswerSchema.parse((await keep(mine, first.changedAt)).body);
    expect((await keep({ ...plan, note: 'theirs' }, first.changedAt)).status).toBe(409);
    expect(second.plan.note).toBe('mine');
    expect((await here.coach.ask('DELETE', `${here.at}/plans/${plan.id}`)).status).toBe(204);
    expect((await keep(mine, second.changedAt)).status).toBe(409);
  });

  it('are read by a calendar at an address that cannot be guessed and can be changed', async () => {
    await keep(aPlan({ note: 'Bring the grey cubes' }), null);
    const told = await here.coach.ask('GET', `${here.at}/calendar`);
    const { address } = calendarSchema.parse(told.body);
    const stranger = here.app.somebody();
    const read = await stranger.ask('GET', address);
    expect(read.status).toBe(200);
    expect(read.headers.get('content-type')).toContain('text/calendar');
    expect(read.body as string).toContain('METHOD:PUBLISH');
    expect((await stranger.ask('GET', address.replace(/.{5}\.ics$/, 'AAAAA.ics'))).status).toBe(
      404,
    );
    const { address: other } = calendarSchema.parse(
      (await here.coach.ask('POST', `${here.at}/calendar`)).body,
    );
    expect((await stranger.ask('GET', address)).status).toBe(404);
    expect((await stranger.ask('GET', other)).status).toBe(200);
  });

  it('are read by each at an address of their own, which ends with their help or the group', async () => {
    const helga = here.app.somebody();
    const { id } = await helga.signUp('Helga', 'coach');
    const asked = await here.coach.ask('POST', `${here.at}/assistants`, { rights: ['see'] });
    const { code } = invitationSchema.parse(asked.body);
    await helga.ask('POST', '/api/groups/join', { code });
    const addressOf = async (who: Visitor) =>
      calendarSchema.parse((await who.ask('GET', `${here.at}/calendar`)).body).address;
    const [own, hers] = [await addressOf(here.coach), await addressOf(helga)];
    const status = async (address: string) =>
      (await here.app.somebody().ask('GET', address)).status;
    expect([own === hers, await status(own), await status(hers)]).toEqual([false, 200, 200]);
    const listed = await here.coach.ask('GET', `${here.at}/calendars`);
    expect(
      calendarsSchema
        .parse(listed.body)
        .items.map(({ name }) => name)
        .sort(),
    ).toEqual(['Helga', 'Runa']);
    await here.coach.ask('DELETE', `${here.at}/assistants/${id}`);
    expect([await status(own), await status(hers)]).toEqual([200, 404]);
    await here.coach.ask('PATCH', here.at, { archived: true });
    expect(await status(own)).toBe(404);
  });

  it('are in the calendar as they are, also where there are hundreds and one has just changed', async () => {
    const plan = aPlan({ note: 'before' });
    const first = keptPlanAnswerSchema.parse((await keep(plan, null)).body);
    await here.app.database.sequelize.query(
      `INSERT INTO session_plans (group_id, id, plan) SELECT group_id, copy,
         plan || jsonb_build_object('id', copy) FROM session_plans,
         LATERAL (SELECT gen_random_uuid() AS copy FROM generate_series(1, 499)) copies`,
    );
    const told = await here.coach.ask('GET', `${here.at}/calendar`);
    const { address } = calendarSchema.parse(told.body);
    const read = async () => (await here.app.somebody().ask('GET', address)).body as string;
    const text = await read();
    expect(text.split('BEGIN:VEVENT').length - 1).toBe(500);
    expect(await read()).toBe(text);
    await keep({ ...plan, note: 'after' }, first.changedAt);
    expect(await read()).toContain('after');
  });
});

describe('a calendar of sessions', () => {
  const changedAt = '2026-10-01T08:00:00.000Z';
  const moments = (zone: string, plan: SessionPlanDocument): string[] => {
    const text = writeCalendar({ name: 'Thursday', zone }, [{ ...plan, changedAt }]);
    const calendar = new ICAL.Component(ICAL.parse(text) as never);
    const rules = calendar.getFirstSubcomponent('vtimezone');
    const event = new ICAL.Event(calendar.getFirstSubcomponent('vevent')!);
    const begins = event.startDate;
    if (rules) begins.zone = new ICAL.Timezone(rules);
    const all: string[] = [];
    const each = event.isRecurring() ? event.component.getFirstPropertyValue('rrule') : null;
    const iterator = (each as ICAL.Recur | null)?.iterator(begins);
    if (!iterator) return [begins.toJSDate().toISOString()];
    let next = iterator.next() as ICAL.Time | null;
    while (next && all.length < 10) {
      all.push(next.toJSDate().toISOString());
      next = iterator.next();
    }
    return all;
  };

  it('keeps half past five at half past five over a change of clocks', () => {
    const weekly = aPlan({ repeats: 'weekly', until: '2026-11-05' });
    // Oslo puts its clocks back on 25 October 2026.
    expect(moments('Europe/Oslo', weekly)).toEqual([
      '2026-10-15T15:30:00.000Z',
      '2026-10-22T15:30:00.000Z',
      '2026-10-29T16:30:00.000Z',
      '2026-11-05T16:30:00.000Z',
    ]);
    expect(moments('UTC', weekly)[3]).toBe('2026-11-05T17:30:00.000Z');
    expect(moments('America/New_York', aPlan())).toEqual(['2026-10-15T21:30:00.000Z']);
  });

  it('goes on every week where no last day is said, and ends on the last day where one is', () => {
    expect(moments('UTC', aPlan({ repeats: 'weekly' })).length).toBe(10);
    expect(moments('UTC', aPlan({ repeats: 'weekly', until: '2026-10-28' })).length).toBe(2);
    expect(moments('UTC', aPlan({ repeats: 'weekly', until: '2026-10-29' })).length).toBe(3);
  });

  it('escapes what is written in it, and folds long lines', () => {
    const note = `${'Bring gløves; hats, and tea. '.repeat(6)}\nAnd cubes`;
    const text = writeCalendar({ name: 'Tea, cubes; etc', zone: 'UTC' }, [
      { ...aPlan({ note }), changedAt },
    ]);
    for (const line of text.split('\r\n')) expect(Buffer.byteLength(line)).toBeLessThan(76);
    const event = new ICAL.Component(ICAL.parse(text) as never).getFirstSubcomponent('vevent')!;
    expect(event.getFirstPropertyValue('description')).toBe(note);
    expect(event.getFirstPropertyValue('summary')).toBe('Tea, cubes; etc');
    expect(String(event.getFirstPropertyValue('dtstamp'))).toBe('2026-10-01T08:00:00Z');
  });
});
