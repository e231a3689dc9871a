import { aRecord } from '../../subjects/walk/walk.spec-support';
import { DEFAULT_READER } from '../../subjects/settings/reader';
import { keepPersisted, readPersisted } from './persisted';

describe('what the browser keeps', () => {
  afterEach(() => localStorage.clear());

  it('is there again after a reload', async () => {
    const record = aRecord();
    const state = {
      reader: { ...DEFAULT_READER, letters: true },
      walk: { record, kept: null },
      left: [{ record, kept: record }],
    };
    keepPersisted(state);
    expect(await readPersisted()).toEqual(state);
  });

  it('is nothing when there was nothing, or nothing that can be understood', async () => {
    expect(await readPersisted()).toBeUndefined();
    for (const text of [
      '{',
      '[]',
      '{"reader":{"dialect":"shouted"}}',
      '{"entry":{"painted":[9]}}',
    ]) {
      localStorage.setItem('sleetcrest', text);
      expect(await readPersisted())
        .withContext(text)
        .toBeUndefined();
    }
  });
});
