import type * as z from 'zod';

/** A field that was refused, as a path such as `start.faces.white.4`, and what to mend. */
export interface FieldError {
  path: string;
  message: string;
}

/** The errors of a failed parse, for the person: path and message. */
export const fieldErrors = (error: z.ZodError): FieldError[] =>
  error.issues.map((issue) => ({ path: issue.path.join('.'), message: issue.message }));

/** One sentence naming the first few fields that were refused. */
export function describeErrors(errors: readonly FieldError[]): string {
  const said = errors
    .slice(0, 3)
    .map(({ path, message }) => (path ? `${path}: ${message}` : message));
  const more = errors.length - said.length;
  return said.join('; ') + (more > 0 ? `; and ${more} more` : '');
}
