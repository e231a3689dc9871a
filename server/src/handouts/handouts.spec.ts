import { problemSchema, type Handout } from '@sleetcrest/contract';
import { methodById } from '@sleetcrest/core';
import { approachById } from '@sleetcrest/core/teaching/approaches';
import { TestApp } from '../app.spec-support.js';
import { handoutContent } from './content.js';

const handout = (change: Partial<Handout> = {}): Handout => ({
  method: 'gentle',
  stage: 'yellow-cross',
  paper: 'A4',
  dialect: 'prime',
  firstColour: 'white',
  ink: 'colour',
  swatches: {
    white: '#f7f5ee',
    red: '#b8322f',
    green: '#3f8f5f',
    yellow: '#f0c93a',
    orange: '#e8843c',
    blue: '#33649b',
  },
  ...change,
});

describe('handouts', () => {
  let app: TestApp;
  beforeAll(async () => (app = await TestApp.start()));
  afterAll(() => app.stop());

  async function pdf(change: Partial<Handout> = {}): Promise<{ name: string; text: string }> {
    const response = await fetch(`${app.address}/api/handouts`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(handout(change)),
    });
    expect(response.status).toBe(200);
    expect(response.headers.get('content-type')).toBe('application/pdf');
    const bytes = Buffer.from(await response.arrayBuffer());
    return { name: response.headers.get('content-disposition')!, text: bytes.toString('latin1') };
  }

  it('are PDF files on the paper asked for', async () => {
    const a4 = await pdf();
    expect(a4.text.startsWith('%PDF-1.')).toBeTrue();
    expect(a4.name).toContain('sleetcrest-gentle-yellow-cross.pdf');
    expect(a4.text).toContain('/MediaBox [0 0 595.28 841.89]');
    const letter = await pdf({ paper: 'LETTER', ink: 'letters', dialect: 'words' });
    expect(letter.text).toContain('/MediaBox [0 0 612 792]');
  });

  it('have a page that says what to look at, if it is asked for', async () => {
    const content = async (looks: boolean): Promise<string> =>
      JSON.stringify(
        await handoutContent(handout({ looks }), methodById('gentle')!, [
          approachById('ycross-repeat')!,
        ]),
      );
    expect(await content(false)).not.toContain('what to look at');
    const told = await content(true);
    expect(told).toContain('Yellow cross: what to look at');
    expect(told).toContain('On top, at the back, the sticker on top');
    for (const title of ['No yellow edge up', 'side by side: the angle', 'across: the bar']) {
      expect(told).toContain(title);
    }
  });

  it('have more pages for a whole method than for one of its stages', async () => {
    const pages = (text: string): number => text.split('/Type /Page\n').length - 1;
    const whole = await pdf({ stage: null });
    expect(pages(whole.text)).toBeGreaterThan(pages((await pdf()).text));
  });

  it('say every case in the colours asked for, with its picture', async () => {
    for (const ink of ['colour', 'letters'] as const) {
      const method = methodById('front-right')!;
      const told = JSON.stringify(
        await handoutContent(handout({ firstColour: 'blue', ink }), method, [
          ...['face-two', 'swap-right'].map((id) => approachOf(id)),
        ]),
      );
      expect(told).toContain('the green side is done');
      expect(told).not.toContain('yellow face');
      expect(told.split('<svg').length - 1).toBeGreaterThan(12);
      expect(told.includes('#3f8f5f')).toBe(ink === 'colour');
    }
  });

  it('are refused with the reason', async () => {
    const wrong: [Partial<Record<keyof Handout, unknown>>, string][] = [
      [{ method: 'rough' }, 'method'],
      [{ stage: 'yellow-face' }, 'stage'],
      [{ paper: 'A0' }, 'paper'],
      [{ swatches: { white: 'url(x)' } }, 'swatches.white'],
    ];
    for (const [change, path] of wrong) {
      const answer = await app.ask('POST', '/api/handouts', { ...handout(), ...change });
      expect(answer.status).toBe(422);
      expect(problemSchema.parse(answer.body).errors!.map((error) => error.path)).toContain(path);
    }
  });
});

function approachOf(id: string) {
  const approach = approachById(id);
  if (!approach) throw new Error(id);
  return approach;
}
