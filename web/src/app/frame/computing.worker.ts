// Before any word is said: in the language of the page.
import '../base/words/language';
import { expose } from 'comlink';
import { computing } from './computing-deeds';

expose(computing);
