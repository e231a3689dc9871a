import { expose } from 'comlink';
import { solverDeeds } from './planned';

expose(solverDeeds);
