import { inject, type Provider } from '@angular/core';
import { SENDERS, type Senders } from '../base/outbox/senders';
import { RecordSender } from '../subjects/log/record-sender';
import { MethodSender } from '../subjects/method/method-sender';
import { AnswerSender } from '../subjects/practice/answer-sender';
import { SettingsSender } from '../subjects/settings/settings-sender';
import { WalkSender } from '../subjects/walk/walk-sender';

/** How each kind of change is sent: each subject says how its own is. */
export const provideSenders = (): Provider => ({
  provide: SENDERS,
  useFactory: (): Senders => ({
    record: inject(RecordSender),
    walk: inject(WalkSender),
    method: inject(MethodSender),
    settings: inject(SettingsSender),
    answer: inject(AnswerSender),
  }),
});
