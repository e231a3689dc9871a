import { HttpErrorResponse, type HttpInterceptorFn } from '@angular/common/http';
import { tap } from 'rxjs';
import { askAgain } from './asking-again';

/** Who is signed in is asked anew where the server says that nobody is: the session has ended elsewhere. */
export const signedOutElsewhere: HttpInterceptorFn = (request, next) =>
  next(request).pipe(
    tap({
      error: (error: unknown) => {
        // What asks who it is, or gives a phrase, is answered itself.
        if (request.url === '/api/session') return;
        if (error instanceof HttpErrorResponse && error.status === 401) askAgain.next();
      },
    }),
  );
