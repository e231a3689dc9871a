import { COLOURS, methodById, UP } from '@sleetcrest/core';
import { aSurvey } from '../../subjects/method/work/work.spec-support';
import { difference, stageRows, tableOf, wholeRows, type Column } from './comparison';

const column = (id: string, surveyed = true): Column => {
  const method = methodById(id)!;
  const survey = surveyed ? aSurvey(method) : null;
  const seeing = surveyed ? { mean: 40.5, worst: 12 } : null;
  return { key: 0, method, survey, share: null, trouble: null, seeing };
};
const row = (columns: Column[], name: RegExp) =>
  [...wholeRows(columns, UP, COLOURS), ...stageRows(columns, UP, COLOURS)].find((one) =>
    name.test(one.name),
  )!;

describe('the comparison of methods', () => {
  const columns = [column('gentle'), column('front-right'), column('step-up')];

  it('tells turns from the survey, and what must be known from the approaches', () => {
    expect(row(columns, /^Turns, mean/).cells.map(({ text }) => text)).toEqual([
      '80.0',
      '70.0',
      '60.0',
    ]);
    const known = row(columns, /^Sequences/).cells.map(({ value }) => value!);
    // One shared by two cases is known once, and what is searched for is not known by heart.
    expect(known[0]).toBe(11);
    expect(known[2]).toBeLessThan(known[0]!);
    const hardest = row(columns, /^Hardest/).cells.map(({ text }) => text);
    expect(hardest[0]).toMatch(/\(16 turns\)|\(12 turns\)/);
    // In colours, and never as it is written in the data.
    expect(hardest.join()).not.toContain('{');
  });

  it('shows what one costs more or less than the first', () => {
    const mean = row(columns, /^Turns, mean/);
    expect([0, 1, 2].map((k) => difference(mean, k))).toEqual(['', '−10.0', '−20.0']);
    expect(difference(row(columns, /^Turns, worst/), 1)).toBe('−10');
    expect(difference(row([columns[0]!, columns[0]!], /^Cases/), 1)).toBe('same');
  });

  it('has a line for each stage that any goes through, empty where one does not', () => {
    const twists = row(columns, /^Corner twists/);
    expect(twists.cells.map(({ value }) => value)).toEqual([10, null, null]);
    expect(twists.cells[1]!.text).toBe('–');
    expect(row(columns, /^White cross/).cells[2]!.text).toContain('Cross underneath');
  });

  it('waits for a survey that is not there', () => {
    const cells = row([column('gentle'), column('white-up', false)], /^Looks/).cells;
    expect(cells.map(({ text }) => text)).toEqual(['16.0', '…']);
  });

  it('leaves as a table with a heading and a line per figure', () => {
    const table = tableOf(columns, wholeRows(columns, UP, COLOURS));
    expect(table[0]).toEqual(['', ...columns.map(({ method }) => method.title)]);
    expect(table.every((line) => line.length === 4)).toBeTrue();
  });
});
