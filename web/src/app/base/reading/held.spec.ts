import { HttpErrorResponse } from '@angular/common/http';
import { TestBed } from '@angular/core/testing';
import { Held } from './held';

describe('what was heard last', () => {
  let held: Held;
  beforeEach(async () => {
    held = TestBed.inject(Held);
    await held.forget();
  });
  const away = async () => {
    throw new HttpErrorResponse({ status: 0 });
  };
  const refused = async () => {
    throw new HttpErrorResponse({ status: 404 });
  };

  it('is there when the server cannot be reached, and not when it refuses', async () => {
    await expectAsync(held.or('list', away)).toBeRejected();
    expect(await held.or('list', async () => [1, 2])).toEqual([1, 2]);
    expect(await held.or<number[]>('list', away)).toEqual([1, 2]);
    await expectAsync(held.or('list', refused)).toBeRejected();
  });

  it('is forgotten when somebody signs out', async () => {
    await held.hold('list', [1]);
    await held.forget();
    expect(await held.last('list')).toBeUndefined();
  });
});
