import { computed, inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Stage } from '@sleetcrest/core';
import { reading } from '../../../base/reading/reading';
import { readerFeature } from '../../settings';
import { Solver } from './solver';

/** The stages of the method chosen, told by the solver: so the pages need not load what methods are made of. */
@Injectable({ providedIn: 'root' })
export class MethodStages {
  private readonly solver = inject(Solver);
  private readonly chosen = inject(Store).selectSignal(readerFeature.selectMethod);
  private readonly told = reading(this.chosen, (method) => this.solver.stages(method));
  /** None until the solver has said them, and for a method that is not whole. */
  readonly stages = computed((): readonly Stage[] => this.told.value() ?? []);
  readonly trouble = this.told.trouble;

  again(): void {
    this.told.again();
  }
}
