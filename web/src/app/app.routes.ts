import type { Routes } from '@angular/router';
import { Bench } from './views/bench/bench';

export const routes: Routes = [
  { path: 'bench', component: Bench, title: 'Bench' },
  { path: 'bench/:id', component: Bench, title: 'Bench' },
  {
    path: 'first',
    title: 'First things',
    loadComponent: () => import('./views/first/first').then(({ First }) => First),
  },
  {
    path: 'learn',
    title: 'Learn',
    loadChildren: () => import('./views/learn/learn.routes').then(({ routes }) => routes),
  },
  {
    path: 'cases',
    title: 'Cases',
    loadComponent: () => import('./views/cases/cases').then(({ Cases }) => Cases),
  },
  {
    path: 'methods',
    title: 'Methods',
    loadComponent: () => import('./views/methods/methods').then(({ Methods }) => Methods),
  },
  {
    path: 'workshop',
    title: 'Workshop',
    loadChildren: () => import('./views/workshop/workshop.routes').then(({ routes }) => routes),
  },
  {
    path: 'timing',
    title: 'Timing',
    loadComponent: () => import('./views/timing/timing').then(({ Timing }) => Timing),
  },
  {
    path: 'log',
    title: 'Log',
    loadChildren: () => import('./views/log/log.routes').then(({ routes }) => routes),
  },
  {
    path: 'table',
    title: 'Table',
    loadChildren: () => import('./views/table/table.routes').then(({ routes }) => routes),
  },
  {
    path: 'review',
    title: 'Review',
    loadComponent: () => import('./views/review/review').then(({ ReviewView }) => ReviewView),
  },
  {
    path: 'review/:id',
    title: 'Review',
    loadComponent: () => import('./views/review/review').then(({ ReviewView }) => ReviewView),
  },
  {
    path: 'sign-in',
    title: 'Sign in',
    loadComponent: () => import('./views/account/sign-in').then(({ SignIn }) => SignIn),
  },
  {
    path: 'account',
    title: 'Account',
    loadComponent: () => import('./views/account/account').then(({ AccountView }) => AccountView),
  },
  {
    path: 'settings',
    title: 'Settings',
    loadComponent: () => import('./views/settings/settings').then(({ Settings }) => Settings),
  },
  { path: '**', redirectTo: 'bench' },
];
