import { provideHttpClient, withFetch, withInterceptors } from '@angular/common/http';
import {
  type ApplicationConfig,
  inject,
  isDevMode,
  provideBrowserGlobalErrorListeners,
  provideEnvironmentInitializer,
} from '@angular/core';
import { provideRouter, TitleStrategy, withComponentInputBinding } from '@angular/router';
import { provideServiceWorker } from '@angular/service-worker';
import { provideEffects } from '@ngrx/effects';
import { provideState, provideStore, Store } from '@ngrx/store';
import { routes } from './app.routes';
import * as accountEffects from './subjects/account/account.effects';
import { accountFeature, signedOutElsewhere } from './subjects/account';
import { entryFeature } from './subjects/cube';
import { walkFeature } from './subjects/walk';
import { MethodStore } from './subjects/method';
import { asideFeature, readerFeature, taughtFeature } from './subjects/settings';
import * as walkEffects from './subjects/walk/walk.effects';
import * as readerEffects from './subjects/settings/reader.effects';
import { provideIcons } from './ui/icons';
import * as restEffects from './subjects/walk/rest/rest.effects';
import { answersRead } from './base/api/answers-read';
import { WHOSE } from './base/outbox/whose';
import { PageTitles } from './frame/titles';
import { provideSenders } from './frame/senders';
import * as persistEffects from './frame/persist.effects';

export const appConfig: ApplicationConfig = {
  providers: [
    provideBrowserGlobalErrorListeners(),
    provideRouter(routes, withComponentInputBinding()),
    { provide: TitleStrategy, useClass: PageTitles },
    provideHttpClient(withFetch(), withInterceptors([answersRead, signedOutElsewhere])),
    // Everything is fetched once the page has come to rest, and is there without a network from then on.
    provideServiceWorker('offline-worker.js', {
      enabled: !isDevMode(),
      registrationStrategy: 'registerWhenStable:10000',
    }),
    provideStore(),
    provideState(readerFeature),
    provideState(asideFeature),
    provideState(taughtFeature),
    provideState(entryFeature),
    provideState(walkFeature),
    provideState(accountFeature),
    provideEffects(walkEffects, persistEffects, readerEffects, restEffects, accountEffects),
    {
      provide: WHOSE,
      useFactory: () => inject(Store).selectSignal(accountFeature.selectWhose),
    },
    // It hears what becomes of methods, in whichever tab they were sent.
    provideEnvironmentInitializer(() => void inject(MethodStore)),
    provideSenders(),
    provideIcons(),
  ],
};
