import { randomFrom } from '@sleetcrest/core';
import { hostile } from './run.js';
import { spoilt, Values, type Schema } from './values.js';

describe('the application, whatever is asked of it', () => {
  it('answers, keeps nothing of what was cut off, and is alive all the while', async () => {
    const found = await hostile({ requests: 3000, atOnce: 16, seed: 11 });
    expect(found.examples).toEqual([]);
    // How long it took to say so is for the command: machines vary.
    const { slowHealthChecks, slowAnswers, ...faults } = found.faults;
    expect(slowAnswers).toBeLessThan(100);
    expect(slowHealthChecks).toBeLessThan(found.healthChecks);
    expect(found.slowestHealthCheck).toBeLessThan(Infinity);
    expect(faults).toEqual({
      serverErrors: 0,
      crashes: 0,
      unanswered: 0,
      strayRejections: 0,
      connectionsKept: 0,
    });
    // Not all of it was refused, and every route was among it.
    expect(found.statuses['200']).toBeGreaterThan(200);
    expect(Object.keys(found.slowest).length).toBeGreaterThan(40);
    expect(found.healthChecks).toBeGreaterThan(50);
  }, 300_000);
});

describe('values made from a schema', () => {
  const schemas: Record<string, Schema> = {
    Name: { type: 'string', pattern: '^[a-z]{2,5}$' },
    Thing: {
      type: 'object',
      properties: {
        name: { $ref: '#/components/schemas/Name' },
        kinds: { type: 'array', minItems: 1, items: { enum: ['a', 'b'] } },
        size: { anyOf: [{ type: 'integer', minimum: 3, maximum: 5 }, { type: 'null' }] },
      },
      required: ['name', 'kinds'],
    },
  };
  const values = new Values(schemas, {}, ['id']);

  it('are such as it admits, the same for the same seed', () => {
    const made = (seed: number) =>
      values.of({ $ref: '#/components/schemas/Thing' }, randomFrom(seed)) as {
        name: string;
        kinds: string[];
        size?: number | null;
      };
    for (let seed = 0; seed < 200; seed++) {
      const { name, kinds, size } = made(seed);
      expect(name).toMatch(/^[a-z]{2,5}$/);
      expect(kinds.length).toBeGreaterThan(0);
      expect(kinds.every((kind) => ['a', 'b'].includes(kind))).toBeTrue();
      if (size != null) expect([3, 4, 5]).toContain(size);
      expect(made(seed)).toEqual({ name, kinds, ...(size !== undefined && { size }) });
    }
  });

  it('are other when they are spoilt, nearly always, and the value is left as it was', () => {
    const value = { name: 'abc', kinds: ['a', 'b'], size: { deep: [1, 2, 3] } };
    const before = JSON.stringify(value);
    const random = randomFrom(3);
    let same = 0;
    for (let k = 0; k < 300; k++) if (JSON.stringify(spoilt(value, random)) === before) same++;
    expect(same).toBeLessThan(30);
    expect(JSON.stringify(value)).toBe(before);
  });
});
