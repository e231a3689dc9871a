import { expose } from 'comlink';
import { practiceDeeds } from './practice-deeds';

// Whose answers it keeps is the name it was begun under.
expose(practiceDeeds(self.name));
