import { postgresPrograms } from './programs.js';

describe('the programs of PostgreSQL', () => {
  it('are those of the version that made the data, and no newer ones', () => {
    const newest = postgresPrograms();
    const version = /(\d+)\/bin$/.exec(newest)![1]!;
    expect(postgresPrograms(version)).toBe(newest);
  });

  it('are asked for by version where they are not here', () => {
    expect(() => postgresPrograms('4')).toThrowError(
      /made by PostgreSQL 4, which is not here: install Debian's postgresql-4, or restore a backup/,
    );
  }, 60_000);
});
