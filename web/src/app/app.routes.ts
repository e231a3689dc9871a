import type { Routes } from '@angular/router';
import { Bench } from './bench/bench';

export const routes: Routes = [
  { path: 'bench', component: Bench, title: 'Bench · Sleetcrest' },
  { path: 'bench/:id', component: Bench, title: 'Bench · Sleetcrest' },
  {
    path: 'cases',
    title: 'Cases · Sleetcrest',
    loadComponent: () => import('./cases/cases').then(({ Cases }) => Cases),
  },
  {
    path: 'methods',
    title: 'Methods · Sleetcrest',
    loadComponent: () => import('./methods/methods').then(({ Methods }) => Methods),
  },
  {
    path: 'workshop',
    title: 'Workshop · Sleetcrest',
    loadChildren: () => import('./workshop/workshop.routes').then(({ routes }) => routes),
  },
  {
    path: 'settings',
    title: 'Settings · Sleetcrest',
    loadComponent: () => import('./settings/settings').then(({ Settings }) => Settings),
  },
  { path: '**', redirectTo: 'bench' },
];
