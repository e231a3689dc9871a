import { join } from 'node:path';
import express, { type Express } from 'express';

/**
 * The built web application: files named by their content are kept by the browser for good, and
 * every address that is no file is a view, answered by the page itself. An application of its own,
 * since its answers have an ETag.
 */
export function web(root: string): Express {
  const pages = express();
  pages.disable('x-powered-by');
  const page = join(root, 'index.html');
  pages.use(
    express.static(root, {
      index: false,
      setHeaders: (response, path) => {
        const hashed = /-[A-Z0-9]{8}\.\w+$/.test(path);
        response.setHeader(
          'cache-control',
          hashed ? 'public, max-age=31536000, immutable' : 'no-cache',
        );
      },
    }),
  );
  pages.get(/^(?!\/api(?:\/|$))[^.]*$/, (_, response) => {
    response.sendFile(page, { headers: { 'cache-control': 'no-cache' } });
  });
  return pages;
}
