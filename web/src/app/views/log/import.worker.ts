import { expose } from 'comlink';
import { importDeeds } from './import-deeds';

expose(importDeeds);
