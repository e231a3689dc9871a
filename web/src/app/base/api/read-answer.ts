import type * as z from 'zod';

type Issue = z.core.$ZodIssue;

/** A JSON value, to be gone into. */
type Json = Record<string, unknown> | unknown[];

/**
 * An answer of the server as the contract has it. What the contract does not know is passed over: it may be of a
 * newer server, while this page is still open. What it knows must be right.
 * @throws ZodError where it is not
 */
export function readAnswer<T>(schema: z.ZodType<T>, answer: unknown): T {
  const first = schema.safeParse(answer);
  if (first.success) return first.data;
  let rest = structuredClone(answer);
  for (let found = unknownIn(first.error.issues); found.length > 0;) {
    for (const { path, keys } of found) leaveOut(rest, path, keys);
    const again = schema.safeParse(rest);
    if (again.success) return again.data;
    const next = unknownIn(again.error.issues);
    // The same again: what is wrong is something else.
    if (JSON.stringify(next) === JSON.stringify(found)) break;
    found = next;
  }
  // Told of the answer as it came.
  rest = answer;
  return schema.parse(rest);
}

interface Unknown {
  path: readonly PropertyKey[];
  keys: readonly string[];
}

/** The fields that are not known; of a choice, those of the one that is else the nearest. */
function unknownIn(issues: readonly Issue[], within: readonly PropertyKey[] = []): Unknown[] {
  return issues.flatMap((issue): Unknown[] => {
    const path = [...within, ...issue.path];
    if (issue.code === 'unrecognized_keys') return [{ path, keys: issue.keys }];
    if (issue.code !== 'invalid_union') return [];
    const only = issue.errors.find((choice) =>
      choice.every((one) => one.code === 'unrecognized_keys' || one.code === 'invalid_union'),
    );
    return only ? unknownIn(only, path) : [];
  });
}

function leaveOut(whole: unknown, path: readonly PropertyKey[], keys: readonly string[]): void {
  let part = whole as Json;
  for (const step of path) part = (part as Record<PropertyKey, unknown>)[step] as Json;
  for (const key of keys) Reflect.deleteProperty(part, key);
}
