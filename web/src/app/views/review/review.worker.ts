import { expose } from 'comlink';
import { reviewDeeds } from './review-deeds';

expose(reviewDeeds);
