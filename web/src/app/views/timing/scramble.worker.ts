import { expose } from 'comlink';
import { scrambleDeeds } from './scramble-deeds';

expose(scrambleDeeds);
