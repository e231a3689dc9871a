import { TestBed } from '@angular/core/testing';
import { Stopped, told, workerOf, type Asking } from './worker-of';

/** Of a worker made here from its text. */
interface Deeds {
  double(of: number): number;
  fail(): never;
  never(): void;
  count(to: number, tell: (at: number) => void): void;
}

const SCRIPT = `
  const answer = (id, value) => postMessage({ id, type: 'RAW', value });
  onmessage = async ({ data: { id, path, argumentList = [] } }) => {
    const [a, b] = argumentList;
    if (path[0] === 'double') answer(id, a.value * 2);
    if (path[0] === 'fail') postMessage({ id, type: 'HANDLER', name: 'throw',
      value: { isError: true, value: { message: 'no such start', name: 'Error' } } });
    if (path[0] === 'count') {
      const port = b.value;
      for (let at = 1; at <= a.value; at++) port.postMessage({ id: 'p' + at, type: 'APPLY', path: [],
        argumentList: [{ type: 'RAW', value: at }] });
      answer(id, undefined);
    }
  };
`;

describe('asking a worker', () => {
  let begun: number;
  let script: string;
  let worker: Asking<Deeds>;
  beforeEach(() => {
    begun = 0;
    script = SCRIPT;
    worker = TestBed.runInInjectionContext(() =>
      workerOf<Deeds>(() => {
        begun++;
        return new Worker(URL.createObjectURL(new Blob([script])));
      }),
    );
  });

  it('begins it with the first thing asked, once', async () => {
    expect(begun).toBe(0);
    const answers = [1, 2, 3].map((of) => worker.ask((there) => there.double(of)));
    expect(await Promise.all(answers)).toEqual([2, 4, 6]);
    expect(begun).toBe(1);
  });

  it('passes on what it fails with', async () => {
    await expectAsync(worker.ask((there) => there.fail())).toBeRejectedWithError('no such start');
    expect(await worker.ask((there) => there.double(4))).toBe(8);
  });

  it('fails with a sentence where it cannot be begun, and can be asked again', async () => {
    script = 'this is no script';
    const asked = [1, 2].map((of) => worker.ask((there) => there.double(of)));
    for (const one of asked) await expectAsync(one).toBeRejectedWithError(/could not be loaded/);
    script = SCRIPT;
    expect(await worker.ask((there) => there.double(5))).toBe(10);
    expect(begun).toBe(2);
  });

  it('gives up what is under way when it is stopped, and begins anew after', async () => {
    const asked = worker.ask((there) => there.never());
    worker.stop();
    await expectAsync(asked).toBeRejectedWithError(Stopped);
    expect(await worker.ask((there) => there.double(6))).toBe(12);
    expect(begun).toBe(2);
  });

  it('hears how far it is', async () => {
    const heard: number[] = [];
    const all = new Promise<void>((resolve) => {
      void worker.ask((there) =>
        there.count(
          3,
          told((at: number) => {
            heard.push(at);
            if (at === 3) resolve();
          }),
        ),
      );
    });
    await all;
    expect(heard).toEqual([1, 2, 3]);
  });
});
