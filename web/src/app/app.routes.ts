import type { Routes } from '@angular/router';
import { Bench } from './views/bench/bench';
import { SAY } from './words';

export const routes: Routes = [
  { path: 'bench', component: Bench, title: SAY.bench },
  { path: 'bench/:id', component: Bench, title: SAY.bench },
  {
    path: 'first',
    title: SAY.firstThings,
    loadComponent: () => import('./views/first/first').then(({ First }) => First),
  },
  {
    path: 'learn',
    title: SAY.learn,
    loadChildren: () => import('./views/learn/learn.routes').then(({ routes }) => routes),
  },
  {
    path: 'cases',
    title: SAY.cases,
    loadComponent: () => import('./views/cases/cases').then(({ Cases }) => Cases),
  },
  {
    path: 'methods',
    title: SAY.methods,
    loadComponent: () => import('./views/methods/methods').then(({ Methods }) => Methods),
  },
  {
    path: 'workshop',
    title: SAY.workshop,
    loadChildren: () => import('./views/workshop/workshop.routes').then(({ routes }) => routes),
  },
  {
    path: 'timing',
    title: SAY.timing,
    loadComponent: () => import('./views/timing/timing').then(({ Timing }) => Timing),
  },
  {
    path: 'log',
    title: SAY.log,
    loadChildren: () => import('./views/log/log.routes').then(({ routes }) => routes),
  },
  {
    path: 'table',
    title: SAY.table,
    loadChildren: () => import('./views/table/table.routes').then(({ routes }) => routes),
  },
  {
    path: 'review',
    title: SAY.review,
    loadComponent: () => import('./views/review/review').then(({ ReviewView }) => ReviewView),
  },
  {
    path: 'review/:id',
    title: SAY.review,
    loadComponent: () => import('./views/review/review').then(({ ReviewView }) => ReviewView),
  },
  {
    path: 'sign-in',
    title: SAY.signIn,
    loadComponent: () => import('./views/account/sign-in').then(({ SignIn }) => SignIn),
  },
  {
    path: 'account',
    title: SAY.account,
    loadComponent: () => import('./views/account/account').then(({ AccountView }) => AccountView),
  },
  {
    path: 'settings',
    title: SAY.settings,
    loadComponent: () => import('./views/settings/settings').then(({ Settings }) => Settings),
  },
  { path: '**', redirectTo: 'bench' },
];
