import { expose } from 'comlink';
import { computing } from './computing-deeds';

expose(computing);
