export { provisional as run } from './standings';
