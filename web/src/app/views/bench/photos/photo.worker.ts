import { expose } from 'comlink';
import { photoDeeds } from './photo-deeds';

expose(photoDeeds);
