// What the server answers of settings: a chunk of its own.
export { settingsSchema } from '@sleetcrest/contract';
