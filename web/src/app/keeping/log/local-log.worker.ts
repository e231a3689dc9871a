import { expose } from 'comlink';
import { LocalLog } from './local-log';

// Which log it keeps is the name it was begun under.
expose(new LocalLog(self.name));
