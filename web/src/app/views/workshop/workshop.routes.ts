import type { Routes } from '@angular/router';
import { provideState } from '@ngrx/store';
import { Workshop } from './workshop';
import { workshopFeature } from './workshop.feature';

/** The Workshop with its state, fetched when it is first gone to. */
export const routes: Routes = [
  { path: '', component: Workshop, providers: [provideState(workshopFeature)] },
];
