/*
 * What the browser has stand between the pages and the network. Angular's own worker keeps the application for when
 * there is none; on loopback it answers nothing before it has fetched all of it. Nobody is to wait for that.
 */

/** Whether the first copy is being made: from when this worker is put in until Angular's is ready to answer. */
let copying = false;

addEventListener('install', () => {
  copying = true;
});

// Angular's worker tells itself to begin, and says by the event how long that takes.
addEventListener('message', (event) => {
  if (event.data?.action !== 'INITIALIZE') return;
  const waitUntil = event.waitUntil.bind(event);
  event.waitUntil = (begun) => {
    const over = () => {
      copying = false;
    };
    begun.then(over, over);
    waitUntil(begun);
  };
});

addEventListener('fetch', (event) => {
  // Nothing of the API is kept by it: whose an answer is, it could not tell.
  const ofApi = new URL(event.request.url).pathname.startsWith('/api/');
  if (copying || ofApi) event.stopImmediatePropagation();
});

importScripts('./ngsw-worker.js');
