import { provideHttpClient, withFetch } from '@angular/common/http';
import { type ApplicationConfig, provideBrowserGlobalErrorListeners } from '@angular/core';
import { MAT_SNACK_BAR_DEFAULT_OPTIONS } from '@angular/material/snack-bar';
import { provideRouter, withComponentInputBinding } from '@angular/router';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore } from '@ngrx/store';
import { routes } from './app.routes';
import * as accountEffects from './account/account.effects';
import { accountFeature } from './account/account.feature';
import { entryFeature } from './bench/entry/entry.feature';
import * as savedEffects from './bench/saved/saved.effects';
import { savedFeature } from './bench/saved/saved.feature';
import * as walkEffects from './bench/walk/walk.effects';
import { walkFeature } from './bench/walk/walk.feature';
import * as methodsEffects from './method/methods.effects';
import { methodsFeature } from './method/methods.feature';
import { readerFeature } from './reader/reader.feature';
import { provideIcons } from './shared/icons';
import * as restEffects from './rest/rest.effects';
import * as persistEffects from './state/persist.effects';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideRouter(routes, withComponentInputBinding()),
    provideHttpClient(withFetch()),
    provideStore(),
    provideState(readerFeature),
    provideState(entryFeature),
    provideState(walkFeature),
    provideState(savedFeature),
    provideState(methodsFeature),
    provideState(accountFeature),
    provideEffects(
      walkEffects,
      savedEffects,
      persistEffects,
      methodsEffects,
      restEffects,
      accountEffects,
    ),
    provideIcons(),
    // At the bottom it would lie on the buttons that turn the cube.
    { provide: MAT_SNACK_BAR_DEFAULT_OPTIONS, useValue: { verticalPosition: 'top' } },
  ],
};
