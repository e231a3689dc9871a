import { TestBed } from '@angular/core/testing';
import { until } from '../../app.spec-support';
import { ChartInks } from './inks';

describe('the inks of charts', () => {
  const { dataset } = document.documentElement;
  afterEach(() => delete dataset['theme']);

  it('are the colours of the styles, by day and by night', async () => {
    dataset['theme'] = 'day';
    const { inks } = TestBed.inject(ChartInks);
    const day = inks();
    for (const ink of Object.values(day)) expect(ink).toMatch(/^#[0-9a-f]{6}$/);
    dataset['theme'] = 'night';
    await until(() => inks() !== day);
    for (const [name, ink] of Object.entries(inks())) {
      expect(ink)
        .withContext(name)
        .not.toBe(day[name as keyof typeof day]);
    }
  });
});
