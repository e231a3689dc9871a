import type { Random } from '@sleetcrest/core';
import fc from 'fast-check';

/** The part of JSON Schema that the API's description uses. */
export interface Schema {
  $ref?: string;
  type?: string | string[];
  const?: unknown;
  enum?: unknown[];
  anyOf?: Schema[];
  oneOf?: Schema[];
  allOf?: Schema[];
  properties?: Record<string, Schema>;
  required?: string[];
  propertyNames?: Schema;
  additionalProperties?: Schema | boolean;
  items?: Schema;
  minItems?: number;
  maxItems?: number;
  minimum?: number;
  maximum?: number;
  format?: string;
  pattern?: string;
  maxLength?: number;
}

/** A value for a schema of this name, where chance alone would hardly ever make a good one. */
export type Makers = Readonly<Record<string, (random: Random) => unknown>>;

const one = <T>(random: Random, items: readonly T[]): T => items[random(items.length)]!;

/** Makes values that a schema admits, mostly: what chance finds of each pattern is made once. */
export class Values {
  private readonly byPattern = new Map<string, string[]>();

  constructor(
    private readonly schemas: Readonly<Record<string, Schema>>,
    private readonly makers: Makers,
    private readonly ids: readonly string[],
  ) {}

  of(schema: Schema, random: Random, depth = 0): unknown {
    if (schema.$ref !== undefined) {
      const name = schema.$ref.split('/').at(-1)!;
      const maker = this.makers[name];
      return maker ? maker(random) : this.of(this.schemas[name] ?? {}, random, depth + 1);
    }
    if (schema.const !== undefined) return schema.const;
    if (schema.enum) return one(random, schema.enum);
    const choices = schema.anyOf ?? schema.oneOf ?? schema.allOf;
    if (choices) return this.of(one(random, choices), random, depth + 1);
    const type = Array.isArray(schema.type) ? one(random, schema.type) : schema.type;
    switch (type) {
      case 'object':
        return this.object(schema, random, depth);
      case 'array': {
        const { minItems = 0, maxItems = 4 } = schema;
        const count = minItems + random(Math.min(4, maxItems - minItems) + 1);
        return Array.from({ length: count }, () => this.of(schema.items ?? {}, random, depth + 1));
      }
      case 'integer':
      case 'number': {
        const { minimum = 0, maximum = 400 } = schema;
        return minimum + random(Math.min(400, maximum - minimum) + 1);
      }
      case 'boolean':
        return random(2) === 0;
      case 'null':
        return null;
      default:
        return this.string(schema, random);
    }
  }

  private object(schema: Schema, random: Random, depth: number): Record<string, unknown> {
    const { properties = {}, required = [], propertyNames, additionalProperties } = schema;
    const made: Record<string, unknown> = {};
    for (const [name, property] of Object.entries(properties)) {
      if (!required.includes(name) && random(2) === 0) continue;
      const maker = this.makers[`.${name}`];
      made[name] = maker ? maker(random) : this.of(property, random, depth + 1);
    }
    if (propertyNames && typeof additionalProperties === 'object') {
      const names = propertyNames.enum ?? Array.from({ length: random(5) }, () => undefined);
      for (const name of names) {
        const key = String(name ?? this.of(propertyNames, random, depth + 1));
        made[key] = this.of(additionalProperties, random, depth + 1);
      }
    }
    return made;
  }

  private string({ format, pattern, maxLength = 60 }: Schema, random: Random): string {
    if (format === 'uuid') return one(random, this.ids);
    if (format === 'date') return `2026-${one(random, ['09', '10', '11'])}-${10 + random(18)}`;
    if (format === 'date-time') return new Date(1.7e12 + random(1e9) * 100).toISOString();
    if (pattern !== undefined) return one(random, this.matching(pattern));
    return one(random, WORDS).slice(0, maxLength);
  }

  private matching(pattern: string): string[] {
    let found = this.byPattern.get(pattern);
    if (!found) {
      found = fc.sample(fc.stringMatching(new RegExp(pattern, 'u')), { numRuns: 40, seed: 7 });
      this.byPattern.set(pattern, found);
    }
    return found;
  }
}

const WORDS = [
  'three larches by the shore',
  'Amalie',
  'In the Boathouse',
  'tired',
  '',
  ' ',
  'R U R′ U′',
  'Åse',
  '雪の夜',
  '🧊',
  'e\u0301',
  '100 %_\\',
  "'; DROP TABLE accounts; --",
  '<b>',
  '=1+1',
];

/** What nobody should send. */
const NASTY: readonly ((random: Random) => unknown)[] = [
  () => null,
  () => true,
  () => -1,
  () => -0,
  () => 1e308,
  () => 9007199254740993,
  () => 0.1 + 0.2,
  () => '',
  () => '\0',
  () => 'a\0b',
  () => '\ud83d',
  () => 'half an emoji \ud83d',
  () => '\ufdfa'.repeat(40),
  () => '\u3164',
  () => '0000-01-01T00:00:00Z',
  () => '2026-11-25T18:03:00+23:59',
  () => '+275760-09-13T00:00:00Z',
  (random) => 'x'.repeat(1 + random(70_000)),
  (random) => "R U' ".repeat(1 + random(9000)),
  (random) => Array.from({ length: random(30_000) }, () => 0),
  (random) => Array.from({ length: random(3000) }, () => ({ a: 'b' })),
  (random) => Object.fromEntries(Array.from({ length: random(3000) }, (_, k) => [`k${k}`, k])),
  (random) => nested(random(1500)),
  () => ({}),
  () => [],
  () => JSON.parse('{"__proto__":{"admin":true},"constructor":{"prototype":1}}') as unknown,
];

function nested(depth: number): unknown {
  let value: unknown = 0;
  for (let k = 0; k < depth; k++) value = [value];
  return value;
}

export const nasty = (random: Random): unknown => one(random, NASTY)(random);

/** The same value with something in it exchanged, taken out, added or doubled. */
export function spoilt(value: unknown, random: Random): unknown {
  if (typeof value !== 'object' || value === null || random(6) === 0) return nasty(random);
  if (Array.isArray(value)) {
    const items = [...(value as unknown[])];
    const at = random(items.length + 1);
    if (at === items.length || random(4) === 0) {
      items.splice(at, 0, random(2) === 0 ? nasty(random) : items[0]);
    } else items[at] = spoilt(items[at], random);
    return items;
  }
  const entries = Object.entries(value);
  const key = entries.length > 0 ? one(random, entries)[0] : 'extra';
  const what = random(6);
  if (what === 0) return Object.fromEntries(entries.filter(([name]) => name !== key));
  const rest = { ...value } as Record<string, unknown>;
  if (what === 1) rest[`${key}2`] = nasty(random);
  else rest[key] = spoilt(rest[key], random);
  return rest;
}

/** Text as it stands in an address, now and then so that it cannot be read. */
export function inAddress(value: unknown, random: Random): string {
  if (random(30) === 0) {
    return one(random, ['%00', '%', '%ff', '%ed%a0%80', '..%2f..', '%2e%2e', 'x'.repeat(9000), '']);
  }
  const text = typeof value === 'string' ? value : String(JSON.stringify(value));
  return encodeURIComponent(text.slice(0, 3000).replaceAll(/\p{Cs}/gu, '?'));
}
