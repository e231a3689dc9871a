/*
 * What the browser has stand between the pages and the network. Angular's own worker keeps the application for when
 * there is none; on loopback it lets nothing through before it has fetched all of it. Nobody is to wait for that.
 */

/** Whether the first copy is being made: from when this worker is put in until a page says that it is there. */
let copying = false;

addEventListener('install', () => {
  copying = true;
});

addEventListener('message', ({ data }) => {
  if (data === 'sleetcrest: the copy is there') copying = false;
});

addEventListener('fetch', (event) => {
  // Nothing of the API is kept by it: whose an answer is, it could not tell.
  const ofApi = new URL(event.request.url).pathname.startsWith('/api/');
  if (copying || ofApi) event.stopImmediatePropagation();
});

importScripts('./ngsw-worker.js');
