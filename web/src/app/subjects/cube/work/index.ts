export { Scrambler } from './scrambler';
