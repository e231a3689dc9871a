// What the server answers of people’s own methods: a chunk of its own.
export { methodListSchema, savedMethodSchema } from '@sleetcrest/contract';
