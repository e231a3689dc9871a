import type { HttpInterceptorFn } from '@angular/common/http';

/**
 * Says with each request of the API that what is not known here is passed over in its answer; and has what is told
 * while a session goes on pass by the service worker, which would answer for it.
 */
export const answersRead: HttpInterceptorFn = (request, next) => {
  if (!request.url.startsWith('/api/')) return next(request);
  const headers: Record<string, string> = { 'x-sleetcrest-reads': 'loosely' };
  if (request.url.startsWith('/api/live')) headers['ngsw-bypass'] = 'true';
  return next(request.clone({ setHeaders: headers }));
};
