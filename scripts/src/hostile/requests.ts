import {
  DEFAULT_METHOD,
  METHODS,
  type Random,
  randomCube,
  randomFrom,
  writeCubeDocument,
} from '@sleetcrest/core';
import { approachById, type PatternApproach } from '@sleetcrest/core/teaching/approaches';
import { inAddress, nasty, spoilt, Values, type Makers, type Schema } from './values.js';

/** How a request is sent: whole, cut off at a byte, a little at a time, or read so. */
export type Manner = 'whole' | 'cut while sent' | 'cut while read' | 'sent slowly' | 'read slowly';

/** One request, as bytes but for its manner. */
export interface HostileRequest {
  route: string;
  method: string;
  path: string;
  headers: Record<string, string>;
  body: Buffer | undefined;
  manner: Manner;
  /** Where it is cut, in bytes; how long slowness lasts, in milliseconds. */
  at: number;
}

interface Operation {
  requestBody?: { content: Record<string, { schema: Schema }> };
  parameters?: { in: string; name: string; required?: boolean; schema: Schema }[];
}

/** The description the API gives of itself. */
export interface Description {
  paths: Record<string, Record<string, Operation>>;
  components: { schemas: Record<string, Schema> };
}

const one = <T>(random: Random, items: readonly T[]): T => items[random(items.length)]!;

const cube = (random: Random): unknown => writeCubeDocument(randomCube(randomFrom(random(1e6))));

/** A method with an approach written out, at times one that asks for more than it may. */
function ownMethod(random: Random): unknown {
  const builtIn = approachById('ycross-two') as PatternApproach;
  const [first] = builtIn.cases;
  const pattern = first!.seen as object;
  const many = random(5) === 0;
  const cases = builtIn.cases.map((each) => ({
    ...each,
    id: each.id.replace('ycross-two', 'mine'),
    ...(many && {
      seen: Array.from({ length: 1 + random(20) }, () => pattern),
      sequence: "R U R' U' ".repeat(1 + random(39)),
      times: 1 + random(12),
      lineUp: { layer: 'U', turning: '', already: '' },
    }),
  }));
  const mine = { ...builtIn, id: 'mine', cases };
  return {
    format: 'sleetcrest/method@1',
    id: one(random, ['landing', 'quay', 'pier']),
    title: 'Mine',
    approaches: METHODS.find(({ id }) => id === 'front-right')!.approaches.map((id) =>
      id === 'ycross-two' ? mine : id,
    ),
  };
}

const MAKERS: Makers = {
  Cube: cube,
  Method: ownMethod,
  '.method': (random) =>
    random(3) === 0 ? ownMethod(random) : one(random, [DEFAULT_METHOD.id, 'step-up', 'rough']),
  '.scramble': (random) => one(random, ['', "R U2 F'", 'R Q', "x y' M"]),
  '.turns': (random) => one(random, ['', "R U2 F'", 'R Q']),
};

/** Makes requests from the API's description and a seed: every route, mostly right, often spoilt. */
export class Requests {
  private readonly routes: { method: string; path: string; operation: Operation }[];
  private readonly values: Values;

  constructor(
    { paths, components }: Description,
    private readonly cookies: readonly string[],
    ids: readonly string[],
  ) {
    this.routes = Object.entries(paths).flatMap(([path, verbs]) =>
      Object.entries(verbs).map(([verb, operation]) => ({
        method: verb.toUpperCase(),
        path,
        operation,
      })),
    );
    this.values = new Values(components.schemas, MAKERS, ids);
  }

  get routeCount(): number {
    return this.routes.length;
  }

  next(random: Random): HostileRequest {
    const { method, path, operation } = one(random, this.routes);
    const given = (schema: Schema): unknown => {
      const value = this.values.of(schema, random);
      return random(6) === 0 ? nasty(random) : value;
    };
    let address = path;
    const query: string[] = [];
    for (const { in: place, name, required, schema } of operation.parameters ?? []) {
      if (place === 'path') {
        address = address.replace(`{${name}}`, inAddress(given(schema), random));
      } else if (required === true || random(2) === 0) {
        query.push(`${name}=${inAddress(given(schema), random)}`);
        if (random(40) === 0) query.push(query[0]!);
      }
    }
    if (random(40) === 0) query.push(`extra[${'a]['.repeat(random(60))}]=%00`);
    const schema = operation.requestBody?.content['application/json']?.schema;
    const body = schema ? this.body(schema, random) : undefined;
    return {
      route: `${method} ${path}`,
      method,
      path: query.length > 0 ? `${address}?${query.join('&')}` : address,
      headers: this.headers(body, random),
      body,
      manner: manner(random),
      at: random(random(4) === 0 ? 200_000 : 2000),
    };
  }

  private body(schema: Schema, random: Random): Buffer {
    let value = this.values.of(schema, random);
    for (let times = random(3); times > 0; times--) value = spoilt(value, random);
    const bytes = Buffer.from((JSON.stringify(value) as string | undefined) ?? 'undefined');
    const what = random(20);
    if (what === 0) return bytes.subarray(0, random(bytes.length + 1));
    if (what === 1 && bytes.length > 0) bytes[random(bytes.length)] = random(256);
    if (what === 2) return Buffer.from(Array.from({ length: random(400) }, () => random(256)));
    return bytes;
  }

  private headers(body: Buffer | undefined, random: Random): Record<string, string> {
    const cookie = one(random, [
      ...this.cookies,
      '',
      'sleetcrest_session=%00',
      `a=${'b'.repeat(99)}`,
    ]);
    const odd = random(40);
    return {
      ...(cookie !== '' && { cookie }),
      ...(body && { 'content-type': odd === 0 ? 'text/plain' : 'application/json' }),
      ...(odd === 1 && { 'content-encoding': 'gzip' }),
      ...(odd === 2 && { host: 'elsewhere.example' }),
      ...(odd === 3 && { origin: 'https://elsewhere.example' }),
      ...(odd === 4 && { 'x-forwarded-for': '203.0.113.7', 'x-forwarded-proto': 'https' }),
      ...(odd === 5 && { 'x-request-id': 'a"b'.repeat(40) }),
      ...(odd === 6 && { 'accept-encoding': 'gzip, br' }),
    };
  }
}

function manner(random: Random): Manner {
  const of = random(1000);
  if (of < 80) return 'cut while sent';
  if (of < 240) return 'cut while read';
  if (of < 248) return 'sent slowly';
  if (of < 256) return 'read slowly';
  return 'whole';
}
