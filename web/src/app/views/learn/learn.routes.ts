import type { Routes } from '@angular/router';
import { Learn } from './learn';

export const routes: Routes = [
  { path: '', component: Learn },
  {
    path: 'lesson',
    title: 'Lesson · Sleetcrest',
    loadComponent: () => import('./lesson').then(({ Lesson }) => Lesson),
  },
  {
    path: 'known',
    title: 'What I know · Sleetcrest',
    loadComponent: () => import('./known').then(({ Known }) => Known),
  },
  {
    path: 'patterns',
    title: 'Patterns · Sleetcrest',
    loadComponent: () => import('./patterns').then(({ Patterns }) => Patterns),
  },
  {
    path: 'plan',
    title: 'Plan the first steps · Sleetcrest',
    loadComponent: () => import('./plan-look').then(({ PlanLook }) => PlanLook),
  },
  {
    path: 'practice',
    title: 'Practice · Sleetcrest',
    loadComponent: () => import('./practice').then(({ Practice }) => Practice),
  },
];
