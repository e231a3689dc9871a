import type { Routes } from '@angular/router';
import { TableFrame } from './table-frame';

export const routes: Routes = [
  {
    path: '',
    component: TableFrame,
    children: [
      {
        path: '',
        pathMatch: 'full',
        loadComponent: () => import('./matrix/matrix-view').then(({ MatrixView }) => MatrixView),
      },
      {
        path: 'plan',
        title: 'Plan',
        loadComponent: () => import('./planner/planner').then(({ Planner }) => Planner),
      },
      {
        path: 'set',
        title: 'Set work',
        loadComponent: () => import('./set/set-work').then(({ SetWork }) => SetWork),
      },
      {
        path: 'answers',
        title: 'Answers',
        loadComponent: () => import('./work/work-view').then(({ WorkView }) => WorkView),
      },
      {
        path: 'paper',
        title: 'Paper',
        loadComponent: () => import('./print/print-paper').then(({ PrintPaper }) => PrintPaper),
      },
      {
        path: 'who',
        title: 'Learners',
        loadComponent: () => import('./roster/roster').then(({ Roster }) => Roster),
      },
      {
        path: 'groups',
        title: 'Groups',
        loadComponent: () => import('./groups/groups-page').then(({ GroupsPage }) => GroupsPage),
      },
      {
        path: 'mine',
        title: 'My table',
        loadComponent: () => import('./mine/mine').then(({ Mine }) => Mine),
      },
    ],
  },
  {
    path: 'board',
    title: 'Board',
    loadComponent: () => import('./board/board').then(({ Board }) => Board),
  },
];
