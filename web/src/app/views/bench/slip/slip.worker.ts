import { expose } from 'comlink';
import { slipDeeds } from './slip-deeds';

expose(slipDeeds);
