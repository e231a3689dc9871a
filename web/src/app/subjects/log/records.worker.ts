import { expose } from 'comlink';
import { recordDeeds } from './record-deeds';

// Which log it keeps is the name it was begun under.
expose(recordDeeds(self.name));
