import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { aFullEntry, aReview } from '@sleetcrest/contract/testing';
import { freePort } from '../ports.js';
import { overThrowaway } from '../postgres/throwaway.js';
import { WebServer } from '../web-server.js';
import { formerVersion } from './former.js';
import { Page } from '../page.js';

interface Described {
  paths: Record<
    string,
    Record<string, { responses?: Record<string, { content?: Content } | undefined> }>
  >;
  components: { schemas: object };
}
type Content = Record<string, { schema: object }>;

/** What of an answer a version refuses: judged by the description it gives of itself. */
class Reader {
  private readonly ajv = new Ajv2020({ strict: false, validateFormats: false });

  constructor(
    private readonly described: Described,
    loosely: boolean,
  ) {
    const text = JSON.stringify(described);
    // A page that reads loosely passes over what it does not know.
    const read = loosely ? text.replaceAll('"additionalProperties":false', '"x-loose":true') : text;
    this.ajv.addSchema(JSON.parse(read) as object, 'described');
  }

  get asked(): string[] {
    return Object.keys(this.described.paths).filter((path) => this.described.paths[path]!['get']);
  }

  refuses(method: string, path: string, status: number, answer: unknown): string | null {
    const { responses } = this.described.paths[path]?.[method] ?? {};
    const content = responses?.[`${status}`]?.content;
    const [type] = Object.keys(content ?? {});
    if (type === undefined || !/json|event-stream/.test(type)) return null;
    const at = ['paths', path, method, 'responses', `${status}`, 'content', type, 'schema'];
    const pointer = at.map((part) => encodeURIComponent(part.replaceAll('/', '~1'))).join('/');
    if (this.ajv.validate({ $ref: `described#/${pointer}` }, answer)) return null;
    return `${method} ${path}: ${this.ajv.errorsText()}`;
  }
}

const here = (at: number) => ({
  doing: 'walk',
  title: 'First corners',
  at,
  of: 200,
  forSeconds: 0,
  usualSeconds: 180,
  hand: false,
  cube: null,
});

describe('the version before, beside this one', () => {
  it(
    'goes on with its pages while a server is exchanged, and neither refuses what the other tells',
    () =>
      overThrowaway('former', async ({ cluster }) => {
        // The order of a deploy: what there was is there first, and the new one changes the database beneath it.
        await cluster.ensureDatabase('versions');
        const databaseUrl = cluster.url('versions');
        const start = async (program?: string): Promise<WebServer> =>
          WebServer.start({
            databaseUrl,
            port: await freePort(),
            logLevel: 'silent',
            ...(program === undefined ? {} : { program }),
          });
        const former = await start(join(formerVersion(), 'server/dist/main.js'));
        let now: WebServer | undefined;
        try {
          let at = former.address;
          const coach = new Page(() => at);
          const learner = new Page(() => at);
          const phrase = 'three larches by the shore';
          await coach.right('POST', '/api/accounts', { name: 'Runa', phrase, role: 'coach' });
          const { id: learnerId } = await learner.right<{ id: string }>('POST', '/api/accounts', {
            name: 'Teo',
            phrase,
            role: 'learner',
          });
          const group = randomUUID();
          const { code } = await coach.right<{ code: string }>('POST', '/api/groups', {
            id: group,
            name: 'Thursday',
          });
          await learner.right('POST', '/api/groups/join', { code });
          const session = randomUUID();
          await coach.right('POST', `/api/groups/${group}/live`, { id: session });
          await learner.right('POST', `/api/groups/${group}/live/join`);

          now = await start();
          const described = async (address: string): Promise<Described> =>
            (await fetch(`${address}/api/openapi.json`)).json() as Promise<Described>;
          const oldPage = new Reader(await described(former.address), false);
          const newPage = new Reader(await described(now.address), true);
          const refused: (string | null)[] = [];

          // What one version keeps, the other tells.
          const entry = aFullEntry({ id: randomUUID() });
          await learner.right('POST', '/api/log', entry);
          const review = aReview({ id: randomUUID() });
          await learner.right('POST', '/api/practice/reviews', { reviews: [review] });
          at = now.address;
          const solves = await learner.right<{ items: { id: string }[] }>('GET', '/api/log');
          expect(solves.items.map(({ id }) => id)).toEqual([entry.id]);
          const reviews = await learner.right<{ items: { id: string }[] }>(
            ...(['GET', '/api/practice/reviews'] as const),
          );
          expect(reviews.items.map(({ id }) => id)).toEqual([review.id]);

          // Everything either page asks for, of either server.
          const ids: Record<string, string> = { learner: learnerId, live: session };
          let read = 0;
          for (const [server, page] of [
            [now.address, oldPage],
            [former.address, newPage],
          ] as const) {
            at = server;
            for (const path of page.asked.filter((one) => !/board|seat|openapi|ready/.test(one))) {
              const id = path.startsWith('/api/groups') ? group : entry.id;
              const asked = path.replaceAll(/\{(\w+)\}/g, (_, name: string) => ids[name] ?? id);
              for (const who of [coach, learner]) {
                const query = path === '/api/groups/{id}/matrix' ? '?day=2026-11-30' : '';
                const { status, body } = await who.ask('GET', asked + query);
                if (status >= 500) refused.push(`${path}: ${status}`);
                if (status === 200) read++;
                refused.push(page.refuses('get', path, status, body));
              }
            }
          }
          expect(read).toBeGreaterThan(60);
          expect((await fetch(`${now.address}/api/ready`)).status).toBe(200);

          // The page's board stays through the exchange of its server, and ends when the session does.
          at = former.address;
          const path = `/api/live/${session}/board`;
          const seen: number[] = [];
          let last = '';
          let shown: (() => void) | undefined;
          const over = coach.follow(path, (event) => {
            refused.push(oldPage.refuses('get', '/api/live/{live}/board', 200, event));
            last = event.is;
            const told = event as { present?: { here?: { at: number } } };
            if (event.is === 'one') seen.push(told.present!.here!.at);
            shown?.();
          });
          const heard = (until: () => boolean): Promise<void> =>
            new Promise((resolve) => {
              shown = () => until() && resolve();
              shown();
            });
          const tellAt = (address: string, step: number) => {
            at = address;
            return learner.right('PUT', `/api/live/${session}/here`, here(step));
          };
          await heard(() => last !== '');
          await tellAt(former.address, 1);
          await tellAt(now.address, 2);
          await heard(() => seen.length === 2);
          at = now.address;
          last = '';
          await former.stop();
          await heard(() => last === 'all' || last === 'one');
          await tellAt(now.address, 3);
          await heard(() => seen.includes(3));
          expect(seen).toEqual([1, 2, 3]);
          await coach.right('DELETE', `/api/live/${session}`);
          await over;
          expect(last).toBe('over');
          expect(refused.filter((one) => one !== null)).toEqual([]);
        } finally {
          await now?.stop();
          await former.stop();
        }
      }),
    240_000,
  );
});
