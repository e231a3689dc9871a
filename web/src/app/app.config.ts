import { provideHttpClient, withFetch, withInterceptors } from '@angular/common/http';
import {
  type ApplicationConfig,
  inject,
  isDevMode,
  provideBrowserGlobalErrorListeners,
} from '@angular/core';
import { provideRouter, withComponentInputBinding } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore, Store } from '@ngrx/store';
import { routes } from './app.routes';
import * as accountEffects from './keeping/account/account.effects';
import { accountFeature } from './keeping/account/account.feature';
import { entryFeature } from './keeping/entry/entry.feature';
import * as savedEffects from './keeping/saved/saved.effects';
import { savedFeature } from './keeping/saved/saved.feature';
import * as walkEffects from './keeping/walk/walk.effects';
import { walkFeature } from './keeping/walk/walk.feature';
import * as methodsEffects from './keeping/methods/methods.effects';
import { methodsFeature } from './keeping/methods/methods.feature';
import * as readerEffects from './keeping/reader/reader.effects';
import { asideFeature, readerFeature, taughtFeature } from './keeping/reader/reader.feature';
import { provideIcons } from './parts/icons';
import * as restEffects from './person/rest/rest.effects';
import { signedOutElsewhere } from './keeping/account/signed-out-elsewhere';
import { answersRead } from './sending/answers-read';
import { WHOSE } from './sending/outbox/whose';
import * as persistEffects from './keeping/browser/persist.effects';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideRouter(routes, withComponentInputBinding()),
    provideHttpClient(withFetch(), withInterceptors([answersRead, signedOutElsewhere])),
    // Everything is fetched once the page has come to rest, and is there without a network from then on.
    provideServiceWorker('ngsw-worker.js', {
      enabled: !isDevMode(),
      registrationStrategy: 'registerWhenStable:10000',
    }),
    provideStore(),
    provideState(readerFeature),
    provideState(asideFeature),
    provideState(taughtFeature),
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
      readerEffects,
      restEffects,
      accountEffects,
    ),
    {
      provide: WHOSE,
      useFactory: () => inject(Store).selectSignal(accountFeature.selectWhose),
    },
    provideIcons(),
  ],
};
