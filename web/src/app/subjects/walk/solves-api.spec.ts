import { HttpErrorResponse, provideHttpClient } from '@angular/common/http';
import { HttpTestingController, provideHttpClientTesting } from '@angular/common/http/testing';
import { TestBed } from '@angular/core/testing';
import { idSchema } from '@sleetcrest/contract';
import { aRecord } from './walk.spec-support';
import { apiFailure } from '../../base/api/failure';
import { SolvesApi } from './solves-api';

describe('the saved solves on the server', () => {
  let api: SolvesApi;
  let http: HttpTestingController;

  beforeEach(() => {
    TestBed.configureTestingModule({
      providers: [provideHttpClient(), provideHttpClientTesting()],
    });
    api = TestBed.inject(SolvesApi);
    http = TestBed.inject(HttpTestingController);
  });
  afterEach(() => http.verify());

  it('are taken only as the contract has them', async () => {
    const read = api.read(aRecord().id);
    http.expectOne(`/api/solves/${aRecord().id}`).flush({ ...aRecord(), owner: 'nobody' });
    await expectAsync(read).toBeRejected();
  });

  it('are asked for page by page', () => {
    const listed = api.list(3, 8);
    const page = { items: [], page: 3, size: 8, total: 16 };
    http.expectOne('/api/solves?page=3&size=8').flush(page);
    return expectAsync(listed).toBeResolvedTo(page);
  });

  it('fail with the server’s own words, or with what they come to', () => {
    const problem = { type: 'about:blank', title: 'No', status: 422, detail: 'Give it a name.' };
    const said = (status: number, error: unknown = null) =>
      apiFailure(new HttpErrorResponse({ status, error }));
    expect(said(422, problem)).toEqual({ unreachable: false, message: 'Give it a name.' });
    expect([said(0).unreachable, said(503).unreachable, said(404).unreachable]).toEqual([
      true,
      true,
      false,
    ]);
    // Asked for too often: in a while it is taken, and why it was not is told.
    const often = { ...problem, status: 429, detail: 'Wait 9 seconds.' };
    expect(said(429, often)).toEqual({ unreachable: true, message: 'Wait 9 seconds.' });
    // An answer that is not as the contract has it; what else was thrown says its own sentence.
    expect(apiFailure(idSchema.safeParse(7).error).message).toContain('cannot be read');
    expect(apiFailure(new Error('It was stopped.')).message).toBe('It was stopped.');
  });
});
