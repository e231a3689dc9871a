import { groupSchema, type Group } from '@sleetcrest/contract/accounts';
import { boardEventSchema, taskSchema } from '@sleetcrest/contract/table';
import { readAnswer } from './read-answer';

const GROUP: Group = {
  id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e103',
  name: 'Thursday',
  coach: { id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e101', name: 'Runa' },
  code: 'ACDEFHJK',
  learners: [{ id: '5f0f6a52-6f5c-4e53-9a43-30b2a4a7e102', name: 'Teo' }],
  rights: ['see'],
  assistants: [],
  method: 'gentle',
  firstColour: 'white',
  zone: 'UTC',
  archivedAt: null,
};

describe('reading an answer', () => {
  it('passes over what a newer server tells besides, however deep', () => {
    const newer = {
      ...GROUP,
      room: 'B 12',
      learners: [{ ...GROUP.learners[0], pronoun: 'she', seat: { row: 3 } }],
    };
    expect(readAnswer(groupSchema, newer)).toEqual(GROUP);
    const event = { is: 'over', why: 'ended', by: 'Runa' };
    expect(readAnswer(boardEventSchema, event)).toEqual({ is: 'over', why: 'ended' });
    const task = { do: 'stage', stage: 'daisy', times: 3, helped: true };
    expect(readAnswer(taskSchema, task)).toEqual({ do: 'stage', stage: 'daisy', times: 3 });
  });

  it('takes no answer in which something known is wrong or missing, and leaves it as it was', () => {
    const wrong = { ...GROUP, name: '', room: 'B 12' };
    expect(() => readAnswer(groupSchema, wrong)).toThrow();
    expect(wrong.room).toBe('B 12');
    const { coach: _, ...less } = GROUP;
    expect(() => readAnswer(groupSchema, { ...less, room: 'B 12' })).toThrow();
    expect(() => readAnswer(boardEventSchema, { is: 'nonsense' })).toThrow();
  });
});
