import { MOST_AT_ONCE } from '@sleetcrest/contract/table';
import { markTaken, readClass } from './class-list';

describe('a list of names', () => {
  const wrongs = (text: string, here: string[] = []): (string | null)[] =>
    readClass(text, here).map(({ wrong }) => wrong);

  it('is read from lines or the first column of CSV, without a heading or empty lines', () => {
    const names = (text: string): string[] => readClass(text, []).map(({ name }) => name);
    expect(names('Teo\n\n  Odd \n')).toEqual(['Teo', 'Odd']);
    expect(names('Name;Class\nTeo;4b\n"Odd, jr";4b')).toEqual(['Teo', 'Odd, jr']);
    expect(names('learner,year\nTeo,2016')).toEqual(['Teo']);
    expect(names('')).toEqual([]);
  });

  it('says of each row what is wrong with it, by the line it is on', () => {
    const rows = readClass('Teo\nODD\nteo\n\u0007\nUna', ['Odd']);
    expect(rows.map(({ line, wrong }) => [line, wrong === null])).toEqual([
      [1, true] as const,
      [2, false] as const,
      [3, false] as const,
      [4, false] as const,
      [5, true] as const,
    ] as never);
    expect(rows[1]!.wrong).toContain('already');
    expect(rows[2]!.wrong).toContain('twice');
  });

  it('has room for so many at once', () => {
    const many = Array.from({ length: MOST_AT_ONCE + 2 }, (_, k) => `Name ${k}`).join('\n');
    expect(wrongs(many).filter((wrong) => wrong !== null).length).toBe(2);
  });

  it('offers a free name where one is taken', () => {
    const [teo, odd] = markTaken(readClass('Teo\nOdd', []), [{ name: 'teo', free: 'Teo 2' }]);
    expect([teo!.free, odd!.free]).toEqual(['Teo 2', null]);
    expect(teo!.wrong).toContain('already in use');
  });
});
