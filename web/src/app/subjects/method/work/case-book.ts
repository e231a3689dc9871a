import { inject, Injectable, type Signal, signal, type WritableSignal } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  type Colour,
  type ColourScheme,
  type Method,
  methodOf,
  METHODS,
  sideOfColour,
  STANDARD_SCHEME,
} from '@sleetcrest/core';
import { approachesOf } from '@sleetcrest/core/engine/run';
import { type CasePicture, plainPicture } from '@sleetcrest/core/shown/cases';
import { type Approach, approachById, caseTitle } from '@sleetcrest/core/teaching/approaches';
import { entryFeature } from '../../cube';
import { readerFeature } from '../../settings';
import { selectMethodChosen } from '../chosen';
import { Work } from './work';
import { SAY } from '../words';

/** Whose cases are meant, where they are not the reader's own. */
export interface Whose {
  readonly method?: string | Method;
  readonly firstColour?: Colour;
  readonly scheme?: ColourScheme;
}

interface Found {
  readonly approach: Approach;
  readonly method: Method;
}

/** What a case is called that is in no method any more. */
const GONE = SAY.aCaseThatIsNot;

/** What cases are called and what they look like, in the colours of whoever reads; each picture is made once. */
@Injectable({ providedIn: 'root' })
export class CaseBook {
  private readonly store = inject(Store);
  private readonly work = inject(Work);
  private readonly chosen = this.store.selectSignal(selectMethodChosen);
  private readonly firstColour = this.store.selectSignal(readerFeature.selectFirstColour);
  private readonly scheme = this.store.selectSignal(entryFeature.selectScheme);
  private readonly pictures = new Map<Approach, Map<string, WritableSignal<CasePicture | null>>>();

  title(id: string, whose: Whose = {}): string {
    const { approach } = this.find(id, whose) ?? {};
    const one = approach?.cases.find((each) => each.id === id);
    if (!one) return GONE;
    const { firstColour, scheme } = this.colours(whose);
    return caseTitle(one, sideOfColour(scheme, firstColour), scheme);
  }

  /** Its picture; null until it is drawn, and of a case that is not there. */
  picture(id: string, whose: Whose = {}): CasePicture | null {
    const found = this.find(id, whose);
    return found ? this.drawn(id, found, whose)() : null;
  }

  private drawn(id: string, { approach, method }: Found, whose: Whose): Signal<CasePicture | null> {
    const { firstColour, scheme } = this.colours(whose);
    const key = [id, firstColour, ...scheme].join(' ');
    let known = this.pictures.get(approach);
    if (!known)
      this.pictures.set(approach, (known = new Map<string, WritableSignal<CasePicture | null>>()));
    let picture = known.get(key);
    if (!picture) {
      const made = signal(plainPicture(approach, id, sideOfColour(scheme, firstColour), scheme));
      known.set(key, (picture = made));
      if (made() === null) {
        // An example cube has to be found: that takes longer than a page may stand still.
        this.work.picture(id, method, firstColour, scheme).then(
          (one) => made.set(one),
          () => known.delete(key),
        );
      }
    }
    return picture;
  }

  private colours({ firstColour, scheme }: Whose): { firstColour: Colour; scheme: ColourScheme } {
    // A group is taught with a cube as most are; its colours are not those of the reader's own.
    const theirs = firstColour === undefined ? this.scheme() : STANDARD_SCHEME;
    return { firstColour: firstColour ?? this.firstColour(), scheme: scheme ?? theirs };
  }

  /** The approach with a case: of the method meant, else a built-in one. */
  private find(id: string, whose: Whose): Found | undefined {
    const method =
      (whose.method === undefined ? undefined : methodOf(whose.method)) ?? this.chosen();
    const own = approachesOf(method).find(({ cases }) => cases.some((one) => one.id === id));
    if (own) return { approach: own, method };
    const approach = approachById(id.slice(0, id.indexOf('/')));
    const built = METHODS.find(({ approaches }) => approach && approaches.includes(approach.id));
    return approach && built ? { approach, method: built } : undefined;
  }
}
