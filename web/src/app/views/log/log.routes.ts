import type { Routes } from '@angular/router';
import { provideState } from '@ngrx/store';
import { Log } from './log';
import { logFeature } from './log.feature';

export const routes: Routes = [{ path: '', component: Log, providers: [provideState(logFeature)] }];
