import type { Routes } from '@angular/router';
import { Learn } from './learn';
import { SAY } from './words';

export const routes: Routes = [
  { path: '', component: Learn },
  {
    path: 'lesson',
    title: SAY.lesson,
    loadComponent: () => import('./lesson/lesson').then(({ Lesson }) => Lesson),
  },
  {
    path: 'known',
    title: SAY.whatIKnow,
    loadComponent: () => import('./known').then(({ Known }) => Known),
  },
  {
    path: 'patterns',
    title: SAY.patterns,
    loadComponent: () => import('./patterns').then(({ Patterns }) => Patterns),
  },
  {
    path: 'plan',
    title: SAY.planTheFirstSteps,
    loadComponent: () => import('./plan-look').then(({ PlanLook }) => PlanLook),
  },
  {
    path: 'practice',
    title: SAY.practice,
    loadComponent: () => import('./practice').then(({ Practice }) => Practice),
  },
];
