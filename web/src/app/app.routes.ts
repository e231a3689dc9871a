import type { Routes } from '@angular/router';
import { Bench } from './bench/bench';

export const routes: Routes = [
  { path: 'bench', component: Bench, title: 'Bench · Sleetcrest' },
  { path: 'bench/:id', component: Bench, title: 'Bench · Sleetcrest' },
  {
    path: 'settings',
    title: 'Settings · Sleetcrest',
    loadComponent: () => import('./settings/settings').then(({ Settings }) => Settings),
  },
  { path: '**', redirectTo: 'bench' },
];
