import { expose } from 'comlink';
import { GuestDeeds } from './guest-deeds';

expose(new GuestDeeds());
