import { FIRST_SEAT, seatFor, type Seat } from './aside';
import { DEFAULT_READER, type Reader } from './reader';

describe('settings of a shared browser', () => {
  const guests: Reader = { ...DEFAULT_READER, letters: true };
  const own: Reader = { ...DEFAULT_READER, dialect: 'words', theme: 'night' };
  /** What comes of it when one account after the other is here, each changing its settings. */
  const after = (...who: (string | null)[]): Seat =>
    who.reduce<Seat>(
      (seat, whose) => {
        const next = seatFor(whose, seat);
        return whose === null ? next : { ...next, reader: own };
      },
      { ...FIRST_SEAT, reader: guests },
    );

  it('are the guest’s again when whoever was signed in has gone', () => {
    expect(after('amalie', null)).toEqual({ reader: guests, aside: null });
    expect(after(null, 'amalie', null, 'nils', null)).toEqual({ reader: guests, aside: null });
  });

  it('are the guest’s to begin with for whoever signs in next, also without a sign-out', () => {
    expect(seatFor('nils', after('amalie', null)).reader).toEqual(guests);
    expect(seatFor('nils', after('amalie'))).toEqual({
      reader: guests,
      aside: { whose: 'nils', guests },
    });
  });

  it('stay while the same one is here, and while a guest is', () => {
    expect(seatFor('amalie', after('amalie')).reader).toEqual(own);
    const changed: Seat = { reader: own, aside: null };
    expect(seatFor(null, changed)).toEqual(changed);
  });
});
