import { importDeeds } from './import-deeds';
import { LocalLog } from './local-log';

/** What is done with records in a worker: a log kept in the browser, and files brought in. */
export const recordDeeds = (log: string) => ({ log: new LocalLog(log), files: importDeeds });
export type RecordDeeds = ReturnType<typeof recordDeeds>;
