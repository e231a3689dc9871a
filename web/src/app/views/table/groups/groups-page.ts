import { ChangeDetectionStrategy, Component } from '@angular/core';
import { Groups } from './groups';

/** A coach’s groups, as a page of the Table. */
@Component({
  selector: 'sc-groups-page',
  imports: [Groups],
  template: '<sc-groups />',
  styleUrl: '../table-page.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GroupsPage {}
