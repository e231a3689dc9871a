import { mergeApplicationConfig } from '@angular/core';
import { bootstrapApplication } from '@angular/platform-browser';
import { App } from './app/app';
import { appConfig } from './app/app.config';
import { LEFT_BEFORE, readPersisted } from './app/base/storage/persisted';

async function begin(): Promise<void> {
  const left = { provide: LEFT_BEFORE, useValue: await readPersisted() };
  await bootstrapApplication(App, mergeApplicationConfig(appConfig, { providers: [left] }));
}

begin().catch((error: unknown) => {
  console.error(error);
});
