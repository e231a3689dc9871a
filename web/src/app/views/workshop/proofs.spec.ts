import { TestBed } from '@angular/core/testing';
import { approachById, type PatternApproach } from '@sleetcrest/core/teaching/approaches';
import { FakeWork } from '../../subjects/method/work/work.spec-support';
import { Work } from '../../subjects/method/work';
import { isProved, Proofs } from './proofs';

const own = (id: string, sequence?: string): PatternApproach => {
  const whole = approachById(id) as PatternApproach;
  const cases = whole.cases.map((one) => ({
    ...one,
    id: `my-${one.id}`,
    sequence: sequence !== undefined && one.sequence !== '' ? sequence : one.sequence,
  }));
  return { ...whole, id: `my-${id}`, cases };
};

describe('the proofs of a draft', () => {
  let proofs: Proofs;
  let work: FakeWork;

  beforeEach(() => {
    work = new FakeWork();
    TestBed.configureTestingModule({ providers: [Proofs, { provide: Work, useValue: work }] });
    proofs = TestBed.inject(Proofs);
  });
  const settled = async (): Promise<void> => {
    while (proofs.isRunning()) await new Promise((resolve) => setTimeout(resolve));
  };

  it('are made one after another, what is in hand first, and remembered', async () => {
    const [a, b] = [own('cycle-one'), own('swap-back')];
    proofs.want([a, b]);
    expect(proofs.share(a)).toBe(0.5);
    await settled();
    expect(work.proofs).toEqual(['my-cycle-one', 'my-swap-back']);
    proofs.want([b, a]);
    expect(work.proofs.length).toBe(2);
    expect(proofs.state([a, b])).toBe('proved');
  });

  it('make a method proved, failing, or unproved', async () => {
    const builtIn = approachById('daisy')!;
    const [good, bad] = [own('cycle-one'), own('cycle-two', 'F2')];
    expect(proofs.state([builtIn])).toBe('proved');
    expect(proofs.state([builtIn, good])).toBe('unproved');
    proofs.want([good, bad]);
    await settled();
    expect(proofs.state([builtIn, good])).toBe('proved');
    expect(proofs.state([good, bad])).toBe('failing');
    expect(isProved(proofs.verdict(bad)!)).toBeFalse();
  });

  it('are given up for another approach, and on demand', async () => {
    work.endless = true;
    const [a, b] = [own('cycle-one'), own('swap-back')];
    proofs.want([a]);
    proofs.want([b]);
    expect(work.proofs).toEqual(['my-cycle-one', 'my-swap-back']);
    expect(proofs.share(a)).toBeUndefined();
    proofs.stop();
    await settled();
    expect(proofs.verdict(a)).toBeUndefined();
    expect(proofs.share(b)).toBeUndefined();
  });

  it('say why an approach cannot be tried', async () => {
    const broken = own('cycle-one', 'R Q');
    proofs.want([broken]);
    await settled();
    expect(proofs.verdict(broken)).toEqual({ trouble: jasmine.stringContaining('“Q”') });
    expect(proofs.state([broken])).toBe('failing');
  });
});
