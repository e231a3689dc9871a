import type { Routes } from '@angular/router';
import { Learn } from './learn';

export const routes: Routes = [
  { path: '', component: Learn },
  {
    path: 'lesson',
    title: 'Lesson',
    loadComponent: () => import('./lesson/lesson').then(({ Lesson }) => Lesson),
  },
  {
    path: 'known',
    title: 'What I know',
    loadComponent: () => import('./known').then(({ Known }) => Known),
  },
  {
    path: 'patterns',
    title: 'Patterns',
    loadComponent: () => import('./patterns').then(({ Patterns }) => Patterns),
  },
  {
    path: 'plan',
    title: 'Plan the first steps',
    loadComponent: () => import('./plan-look').then(({ PlanLook }) => PlanLook),
  },
  {
    path: 'practice',
    title: 'Practice',
    loadComponent: () => import('./practice').then(({ Practice }) => Practice),
  },
];
