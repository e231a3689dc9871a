import type { Routes } from '@angular/router';
import { TableFrame } from './table-frame';
import { SAY } from './words';

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
        title: SAY.plan,
        loadComponent: () => import('./planner/planner').then(({ Planner }) => Planner),
      },
      {
        path: 'set',
        title: SAY.setWork,
        loadComponent: () => import('./set/set-work').then(({ SetWork }) => SetWork),
      },
      {
        path: 'answers',
        title: SAY.answers,
        loadComponent: () => import('./work/work-view').then(({ WorkView }) => WorkView),
      },
      {
        path: 'paper',
        title: SAY.paper,
        loadComponent: () => import('./print/print-paper').then(({ PrintPaper }) => PrintPaper),
      },
      {
        path: 'who',
        title: SAY.learners,
        loadComponent: () => import('./roster/roster').then(({ Roster }) => Roster),
      },
      {
        path: 'groups',
        title: SAY.groups,
        loadComponent: () => import('./groups/groups-page').then(({ GroupsPage }) => GroupsPage),
      },
      {
        path: 'mine',
        title: SAY.myTable,
        loadComponent: () => import('./mine/mine').then(({ Mine }) => Mine),
      },
    ],
  },
  {
    path: 'board',
    title: SAY.board,
    loadComponent: () => import('./board/board').then(({ Board }) => Board),
  },
];
