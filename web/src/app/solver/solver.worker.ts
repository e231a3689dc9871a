import { expose } from 'comlink';
import { solveDocument } from './solve-document';

expose({ solve: solveDocument });
