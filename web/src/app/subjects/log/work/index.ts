export { Reviewer } from './reviewer';
