import {
  methodListSchema,
  problemSchema,
  savedMethodSchema,
  savedSolveSchema,
  type KeepMethod,
} from '@sleetcrest/contract';
import { aSolve, TestApp, type Answer } from '../app.spec-support.js';
import { aMethod } from './methods.spec-support.js';

describe('people’s own methods', () => {
  let app: TestApp;
  beforeEach(async () => (app = await TestApp.start()));
  afterEach(() => app.stop());

  const keep = (kept: KeepMethod, id = kept.method.id): Promise<Answer> =>
    app.ask('PUT', `/api/methods/${id}`, kept);
  const titles = async (): Promise<string[]> =>
    methodListSchema
      .parse((await app.ask('GET', '/api/methods')).body)
      .items.map(({ method }) => method.title);

  function expectProblem(answer: Answer, status: number, path?: string): void {
    expect(answer.status).toBe(status);
    const problem = problemSchema.parse(answer.body);
    if (path !== undefined) expect(problem.errors!.map((error) => error.path)).toContain(path);
  }

  it('are kept as they were sent, and replaced under the same id', async () => {
    const first = await keep(aMethod());
    expect(first.status).toBe(201);
    expect(savedMethodSchema.parse(first.body).method).toEqual(aMethod().method);
    const again = await keep({ ...aMethod('landing', { title: 'Better' }), proof: 'failing' });
    expect(again.status).toBe(200);
    expect(savedMethodSchema.parse(again.body).proof).toBe('failing');
    expect(await titles()).toEqual(['Better']);
  });

  it('are kept once when sent twice at the same moment', async () => {
    const answers = await Promise.all([1, 2, 3, 4].map(() => keep(aMethod())));
    expect(answers.every(({ status }) => status === 200 || status === 201)).toBeTrue();
    expect(await titles()).toEqual(['Method landing']);
  });

  it('are listed by title, deleted, and brought back', async () => {
    await keep(aMethod('b'));
    await keep(aMethod('a'));
    expect(await titles()).toEqual(['Method a', 'Method b']);
    expect((await app.ask('DELETE', '/api/methods/a')).status).toBe(204);
    expect(await titles()).toEqual(['Method b']);
    expectProblem(await app.ask('DELETE', '/api/methods/a'), 404);
    expect((await app.ask('POST', '/api/methods/a/restore')).status).toBe(200);
    expect(await titles()).toEqual(['Method a', 'Method b']);
    expectProblem(await app.ask('POST', '/api/methods/c/restore'), 404);
  });

  it('are there again when one is kept under the id of one that was deleted', async () => {
    await keep(aMethod());
    await app.ask('DELETE', '/api/methods/landing');
    const title = 'Landing again';
    expect((await keep(aMethod('landing', { title }))).status).toBe(200);
    expect(await titles()).toEqual([title]);
  });

  it('are both kept where two devices changed one, and the second is named so', async () => {
    const { updatedAt } = savedMethodSchema.parse((await keep({ ...aMethod(), basis: null })).body);
    const here = { ...aMethod('landing', { title: 'From here' }), basis: updatedAt };
    expect(savedMethodSchema.parse((await keep(here)).body).method.title).toBe('From here');
    const there = { ...aMethod('landing', { title: 'From there' }), basis: updatedAt };
    const beside = savedMethodSchema.parse((await keep(there)).body).method;
    expect([beside.id, beside.title]).toEqual(['landing-2', 'From there (changed elsewhere too)']);
    // Sent again, since an answer was lost: each finds itself.
    await keep(here);
    await keep(there);
    expect(await titles()).toEqual(['From here', 'From there (changed elsewhere too)']);
  });

  it('are refused with the reason, and nothing is kept', async () => {
    const wrong: [unknown, string][] = [
      [aMethod('other'), 'method.id'],
      [{ ...aMethod(), proof: 'certain' }, 'proof'],
      [aMethod('landing', { title: ' ' }), 'method.title'],
      [aMethod('landing', { approaches: ['pairs'] }), 'method.approaches'],
      [aMethod('landing', { approaches: ['daisy', 'sideways'] }), 'method.approaches'],
      [{ ...aMethod(), owner: 'Runa' }, ''],
    ];
    for (const [body, path] of wrong)
      expectProblem(await keep(body as KeepMethod, 'landing'), 422, path);
    const named = aMethod('gentle');
    expectProblem(await keep(named), 422, 'method.id');
    expectProblem(await app.ask('PUT', '/api/methods/Not-An-Id', aMethod()), 400, 'id');
    expect(await titles()).toEqual([]);
  });

  it('can be walked by: a solve keeps the method it was begun with', async () => {
    const { method } = aMethod();
    const created = await app.ask('POST', '/api/solves', aSolve(3, { method }));
    expect(created.status).toBe(201);
    const solve = savedSolveSchema.parse(created.body);
    expect(solve.method).toEqual(method);
    const named = { method: 'step-up' };
    const changed = await app.ask('PATCH', `/api/solves/${solve.id}`, named);
    expect(savedSolveSchema.parse(changed.body).method).toBe('step-up');
    const back = await app.ask('PATCH', `/api/solves/${solve.id}`, { method });
    expect(savedSolveSchema.parse(back.body)).toEqual(
      jasmine.objectContaining({ method, stepCount: solve.stepCount }),
    );
    const broken = { ...method, approaches: ['pairs' as const] };
    expectProblem(
      await app.ask('PATCH', `/api/solves/${solve.id}`, { method: broken }),
      422,
      'method',
    );
  });
});
