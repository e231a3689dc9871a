import type { Routes } from '@angular/router';
import { Bench } from './views/bench/bench';

export const routes: Routes = [
  { path: 'bench', component: Bench, title: 'Bench · Sleetcrest' },
  { path: 'bench/:id', component: Bench, title: 'Bench · Sleetcrest' },
  {
    path: 'first',
    title: 'First things · Sleetcrest',
    loadComponent: () => import('./views/first/first').then(({ First }) => First),
  },
  {
    path: 'learn',
    title: 'Learn · Sleetcrest',
    loadChildren: () => import('./views/learn/learn.routes').then(({ routes }) => routes),
  },
  {
    path: 'cases',
    title: 'Cases · Sleetcrest',
    loadComponent: () => import('./views/cases/cases').then(({ Cases }) => Cases),
  },
  {
    path: 'methods',
    title: 'Methods · Sleetcrest',
    loadComponent: () => import('./views/methods/methods').then(({ Methods }) => Methods),
  },
  {
    path: 'workshop',
    title: 'Workshop · Sleetcrest',
    loadChildren: () => import('./views/workshop/workshop.routes').then(({ routes }) => routes),
  },
  {
    path: 'timing',
    title: 'Timing · Sleetcrest',
    loadComponent: () => import('./views/timing/timing').then(({ Timing }) => Timing),
  },
  {
    path: 'log',
    title: 'Log · Sleetcrest',
    loadChildren: () => import('./views/log/log.routes').then(({ routes }) => routes),
  },
  {
    path: 'table',
    title: 'Table · Sleetcrest',
    loadChildren: () => import('./views/table/table.routes').then(({ routes }) => routes),
  },
  {
    path: 'review',
    title: 'Review · Sleetcrest',
    loadComponent: () => import('./views/review/review').then(({ ReviewView }) => ReviewView),
  },
  {
    path: 'review/:id',
    title: 'Review · Sleetcrest',
    loadComponent: () => import('./views/review/review').then(({ ReviewView }) => ReviewView),
  },
  {
    path: 'sign-in',
    title: 'Sign in · Sleetcrest',
    loadComponent: () => import('./views/account/sign-in').then(({ SignIn }) => SignIn),
  },
  {
    path: 'account',
    title: 'Account · Sleetcrest',
    loadComponent: () => import('./views/account/account').then(({ AccountView }) => AccountView),
  },
  {
    path: 'settings',
    title: 'Settings · Sleetcrest',
    loadComponent: () => import('./views/settings/settings').then(({ Settings }) => Settings),
  },
  { path: '**', redirectTo: 'bench' },
];
