import { aRecord } from '../../subjects/walk/walk.spec-support';
import { DEFAULT_READER } from '../../subjects/settings/reader';
import { persisted } from './persisted';

describe('what the browser keeps', () => {
  afterEach(() => localStorage.clear());

  it('is there again after a reload', () => {
    const record = aRecord();
    const state = {
      reader: { ...DEFAULT_READER, letters: true },
      walk: { record, kept: null },
      left: [{ record, kept: record }],
    };
    persisted.keep(state);
    expect(persisted.read()).toEqual(state);
  });

  it('is nothing when there was nothing, or nothing that can be understood', () => {
    expect(persisted.read()).toBeUndefined();
    for (const text of [
      '{',
      '[]',
      '{"reader":{"dialect":"shouted"}}',
      '{"entry":{"painted":[9]}}',
    ]) {
      localStorage.setItem('sleetcrest', text);
      expect(persisted.read()).withContext(text).toBeUndefined();
    }
  });
});
