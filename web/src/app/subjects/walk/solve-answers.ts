// What the server answers of saved solves: a chunk of its own.
export { savedSolveSchema, solvePageSchema } from '@sleetcrest/contract';
