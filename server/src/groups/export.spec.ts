import { randomUUID } from 'node:crypto';
import { randomCube, randomFrom, writeCubeDocument } from '@sleetcrest/core';
import { groupDocumentSchema, type GroupDocument } from '@sleetcrest/contract/table';
import JSZip from 'jszip';
import { AGroup } from './group.spec-support.js';

describe('a group that is exported', () => {
  let here: AGroup;
  beforeEach(async () => {
    here = await AGroup.start('Amalie', 'Teo');
    const [amalie, teo] = here.accounts.map(({ id }) => id) as [string, string];
    const plan = {
      id: randomUUID(),
      on: '2026-10-15',
      at: '17:30',
      minutes: 60,
      repeats: 'never',
      until: null,
      cubes: 6,
      warmUp: [],
      note: 'Bring the grey cubes',
      seed: 4,
      comes: [amalie, teo],
      tables: [
        {
          learners: [amalie, teo],
          slots: [{ kind: 'new', case: 'daisy/middle-right', other: '' }],
        },
      ],
    };
    await here.coach.ask('PUT', `${here.at}/plans/${plan.id}`, { plan, basis: null });
    await here.coach.ask('POST', `${here.at}/assignments`, {
      id: randomUUID(),
      task: { do: 'plan', times: 2 },
      note: '',
      until: null,
      for: null,
    });
    for (const [k, learner] of here.learners.entries()) {
      const cube = writeCubeDocument(randomCube(randomFrom(k)));
      await learner.ask('POST', '/api/work', {
        id: randomUUID(),
        group: here.group.id,
        words: 'What now?',
        handed: { what: 'question', cube },
      });
    }
  });
  afterEach(() => here.app.stop());

  async function files(): Promise<{ names: string[]; text: string; document: GroupDocument }> {
    const zip = await JSZip.loadAsync(await here.coach.askForBytes(`${here.at}/export`));
    const text = await zip.file('group.json')!.async('string');
    const document = groupDocumentSchema.parse(JSON.parse(text));
    return { names: Object.keys(zip.files).sort(), text, document };
  }

  it('is one document of all its coach has, and a table, told of by a README', async () => {
    const { names, text, document } = await files();
    expect(names).toEqual(['README.txt', 'group.json', 'matrix.csv']);
    expect(document.group.learners.map(({ name }) => name)).toEqual(['Amalie', 'Teo']);
    expect(document.matrix.rows.map(({ name }) => name)).toEqual(['Amalie', 'Teo']);
    expect(document.sessions[0]!.plan.tables[0]!.learners.length).toBe(2);
    expect(document.assignments[0]!.progress.length).toBe(2);
    expect(document.work.length).toBe(2);
    expect(text).not.toContain(here.group.code!);
  });

  it('has nothing of somebody who has left', async () => {
    const { id } = here.accounts[1]!;
    await here.learners[1]!.ask('DELETE', `${here.at}/learners/${id}`);
    const { text, document } = await files();
    expect(text).not.toContain(id);
    expect(text).not.toContain('Teo');
    expect(document.work.length).toBe(1);
    expect(document.sessions[0]!.plan.comes).toEqual([here.accounts[0]!.id]);
  });
});
