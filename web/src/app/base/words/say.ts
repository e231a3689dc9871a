import './language';

/** Words by key, once it is known in which language. */
export { capitalised, either, listed, spoken, words } from '@sleetcrest/core/words';
