import { randomUUID } from 'node:crypto';
import {
  problemSchema,
  savedSolveSchema,
  solvePageSchema,
  type SavedSolve,
} from '@sleetcrest/contract';
import { solvedCube, writeCubeDocument } from '@sleetcrest/core';
import { aSolve, TestApp, type Answer } from '../app.spec-support.js';

describe('saved solves', () => {
  let app: TestApp;
  beforeEach(async () => (app = await TestApp.start()));
  afterEach(() => app.stop());

  const create = async (seed = 1, change = {}): Promise<SavedSolve> =>
    savedSolveSchema.parse((await app.ask('POST', '/api/solves', aSolve(seed, change))).body);
  const names = async (query = ''): Promise<string[]> =>
    solvePageSchema
      .parse((await app.ask('GET', `/api/solves${query}`)).body)
      .items.map(({ name }) => name);

  function expectProblem(answer: Answer, status: number, path?: string): void {
    expect(answer.status).toBe(status);
    expect(answer.headers.get('content-type')).toContain('application/problem+json');
    const problem = problemSchema.parse(answer.body);
    expect(problem.status).toBe(status);
    expect(problem.requestId).toBe(answer.headers.get('x-request-id')!);
    if (path !== undefined) expect(problem.errors!.map((error) => error.path)).toContain(path);
  }

  it('are kept and read back, with the length of the walk', async () => {
    const request = aSolve(5, { firstColour: 'blue', position: { step: 3, turn: 1 } });
    const kept = await app.ask('POST', '/api/solves', request);
    expect(kept.status).toBe(201);
    expect(kept.headers.get('location')).toBe(`/api/solves/${request.id}`);
    const solve = savedSolveSchema.parse(kept.body);
    expect(solve).toEqual(jasmine.objectContaining(request));
    expect(solve.turnCount).toBeGreaterThan(solve.stepCount);
    expect((await app.ask('GET', `/api/solves/${request.id}`)).body).toEqual(solve);
  });

  it('are kept once when the same request is sent again, at the same moment too', async () => {
    // As the application does, which asks who is there first.
    await app.ask('GET', '/api/session');
    const request = aSolve(2);
    const answers = await Promise.all(
      [1, 2, 3, 4].map(() => app.ask('POST', '/api/solves', request)),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 200, 200, 201]);
    expect(await names()).toEqual(['Cube 2']);
  });

  it('do not overwrite another solve under the same id', async () => {
    const { id } = await create(1);
    expectProblem(await app.ask('POST', '/api/solves', aSolve(2, { id })), 409);
    expect(await names()).toEqual(['Cube 1']);
  });

  it('are listed newest first, page by page', async () => {
    for (let seed = 1; seed <= 5; seed++) await create(seed);
    expect(await names()).toEqual(['Cube 5', 'Cube 4', 'Cube 3', 'Cube 2', 'Cube 1']);
    expect(await names('?page=2&size=2')).toEqual(['Cube 3', 'Cube 2']);
    const last = solvePageSchema.parse((await app.ask('GET', '/api/solves?page=9&size=2')).body);
    expect(last).toEqual({ items: [], page: 9, size: 2, total: 5 });
  });

  it('keep the position reached, up to the end and no further', async () => {
    const { id, stepCount } = await create();
    const move = (step: number, turn: number) =>
      app.ask('PATCH', `/api/solves/${id}`, { position: { step, turn } });
    expect((await move(4, 2)).body).toEqual(
      jasmine.objectContaining({ position: { step: 4, turn: 2 } }),
    );
    expect((await move(stepCount, 0)).status).toBe(200);
    expectProblem(await move(stepCount, 1), 422, 'position');
    expectProblem(await move(stepCount + 1, 0), 422, 'position');
    const now = savedSolveSchema.parse((await app.ask('GET', `/api/solves/${id}`)).body);
    expect(now.position).toEqual({ step: stepCount, turn: 0 });
  });

  it('are planned anew for another first colour or cube, beginning at the beginning', async () => {
    const { id, start } = await create(1, { position: { step: 5, turn: 0 } });
    const other = aSolve(7).start;
    const ask = async (change: object) =>
      savedSolveSchema.parse((await app.ask('PATCH', `/api/solves/${id}`, change)).body);
    expect(await ask({ firstColour: 'red' })).toEqual(
      jasmine.objectContaining({ firstColour: 'red', start, position: { step: 0, turn: 0 } }),
    );
    expect(await ask({ start: other, position: { step: 2, turn: 0 } })).toEqual(
      jasmine.objectContaining({ start: other, position: { step: 2, turn: 0 } }),
    );
    expectProblem(await app.ask('PATCH', `/api/solves/${id}`, { method: 'rough' }), 422, 'method');
  });

  it('kept by a version that planned in fewer steps can still be walked to their end', async () => {
    const { id, stepCount } = await create();
    await app.database.sequelize.query('UPDATE saved_solves SET step_count = 3, turn_count = 9');
    const end = { position: { step: stepCount, turn: 0 } };
    expect((await app.ask('PATCH', `/api/solves/${id}`, end)).body).toEqual(
      jasmine.objectContaining({ stepCount, ...end }),
    );
  });

  it('are renamed, and change nothing when the new name is refused', async () => {
    const { id } = await create();
    await app.ask('PATCH', `/api/solves/${id}`, { name: 'At the landing' });
    expectProblem(await app.ask('PATCH', `/api/solves/${id}`, { name: '   ' }), 422, 'name');
    expectProblem(await app.ask('PATCH', `/api/solves/${id}`, {}), 422);
    expect(await names()).toEqual(['At the landing']);
  });

  it('are deleted and brought back as they were', async () => {
    const solve = await create();
    expect((await app.ask('DELETE', `/api/solves/${solve.id}`)).status).toBe(204);
    expect(await names()).toEqual([]);
    expectProblem(await app.ask('GET', `/api/solves/${solve.id}`), 404);
    expectProblem(await app.ask('DELETE', `/api/solves/${solve.id}`), 404);
    const restored = savedSolveSchema.parse(
      (await app.ask('POST', `/api/solves/${solve.id}/restore`)).body,
    );
    expect({ ...restored, updatedAt: solve.updatedAt }).toEqual(solve);
    expect(await names()).toEqual(['Cube 1']);
  });

  it('are refused with the field and the reason, and nothing is kept', async () => {
    const flipped = writeCubeDocument(solvedCube());
    [flipped.faces.white[7], flipped.faces.green[1]] = ['green', 'white'];
    const centre = writeCubeDocument(solvedCube());
    centre.faces.red[4] = 'blue';
    const unseen = writeCubeDocument(solvedCube());
    unseen.faces.red[0] = null;
    const good = aSolve();
    const wrong: [object, string][] = [
      [{ ...good, start: flipped }, 'start'],
      [{ ...good, start: unseen }, 'start'],
      [{ ...good, start: centre }, 'start.faces.red.4'],
      [{ ...good, start: { ...good.start, faces: {} } }, 'start.faces.white'],
      [{ ...good, method: 'rough' }, 'method'],
      [{ ...good, firstColour: 'pink' }, 'firstColour'],
      [{ ...good, id: '1' }, 'id'],
      [{ ...good, owner: 'Runa' }, ''],
      [{ ...good, position: { step: 999, turn: 0 } }, 'position'],
    ];
    for (const [body, path] of wrong)
      expectProblem(await app.ask('POST', '/api/solves', body), 422, path);
    expect(await names()).toEqual([]);
  });

  it('refuse what is no JSON, too large, or no known address', async () => {
    expectProblem(await app.ask('POST', '/api/solves', '{'), 400);
    expectProblem(await app.ask('POST', '/api/solves', { name: 'x'.repeat(600_000) }), 413);
    expectProblem(await app.ask('POST', '/api/solves', 'R', { 'content-type': 'text/plain' }), 415);
    expectProblem(await app.ask('POST', '/api/solves'), 415);
    expectProblem(await app.ask('GET', '/api/solves/7'), 400, 'id');
    expectProblem(await app.ask('GET', '/api/solves?size=1000'), 400, 'size');
    expectProblem(await app.ask('GET', '/api/solves?sort=name'), 400);
    expectProblem(await app.ask('GET', `/api/solves/${randomUUID()}`), 404);
    expectProblem(await app.ask('GET', '/api/nowhere'), 404);
  });

  it('stand where the further of two devices walked them', async () => {
    const solve = aSolve();
    await app.ask('POST', '/api/solves', solve);
    const move = async (from: number, to: number): Promise<number> => {
      const [at, position] = [from, to].map((step) => ({ step, turn: 0 }));
      const path = `/api/solves/${solve.id}`;
      const answer = await app.ask('PATCH', path, { from: at, position });
      return savedSolveSchema.parse(answer.body).position.step;
    };
    expect(await move(0, 5)).toBe(5);
    // Another device was at the beginning too and went less far; a third went further.
    expect(await move(0, 3)).toBe(5);
    expect(await move(0, 7)).toBe(7);
    // Whoever knows where it stands may walk back.
    expect(await move(7, 2)).toBe(2);
  });
});
