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
        title: 'Plan · Sleetcrest',
        loadComponent: () => import('./planner/planner').then(({ Planner }) => Planner),
      },
      {
        path: 'set',
        title: 'Set work · Sleetcrest',
        loadComponent: () => import('./set/set-work').then(({ SetWork }) => SetWork),
      },
      {
        path: 'answers',
        title: 'Answers · Sleetcrest',
        loadComponent: () => import('./work/work-view').then(({ WorkView }) => WorkView),
      },
      {
        path: 'paper',
        title: 'Paper · Sleetcrest',
        loadComponent: () => import('./print/print-paper').then(({ PrintPaper }) => PrintPaper),
      },
      {
        path: 'who',
        title: 'Who belongs · Sleetcrest',
        loadComponent: () => import('./roster/roster').then(({ Roster }) => Roster),
      },
      {
        path: 'groups',
        title: 'Groups · Sleetcrest',
        loadComponent: () => import('./groups/groups-page').then(({ GroupsPage }) => GroupsPage),
      },
      {
        path: 'mine',
        title: 'My table · Sleetcrest',
        loadComponent: () => import('./mine/mine').then(({ Mine }) => Mine),
      },
    ],
  },
  {
    path: 'board',
    title: 'Board · Sleetcrest',
    loadComponent: () => import('./board/board').then(({ Board }) => Board),
  },
];
