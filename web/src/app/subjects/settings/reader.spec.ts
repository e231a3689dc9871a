import { letterOn, SWATCHES } from '@sleetcrest/core';
import { readerSchema } from '@sleetcrest/contract';
import { DEFAULT_READER } from './reader';

describe('the reader', () => {
  it('begins with settings that are valid', () => {
    expect(readerSchema.parse(DEFAULT_READER)).toEqual(DEFAULT_READER);
  });

  it('has letters that stand out on a sticker of any colour, a changed one too', () => {
    expect([letterOn('#ffffff'), letterOn(SWATCHES.yellow)]).toEqual(['#1b2530', '#1b2530']);
    expect([letterOn('#000000'), letterOn(SWATCHES.blue)]).toEqual(['#ffffff', '#ffffff']);
    // Red made light, as one does who cannot tell it from green.
    expect(letterOn('#ffb0b0')).toBe('#1b2530');
  });
});
