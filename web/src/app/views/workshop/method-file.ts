import { describeErrors, fieldErrors, methodSchema } from '@sleetcrest/contract';
import { fail, ok, type Result } from '@sleetcrest/core';
import { saveText } from '../../base/files/save-file';
import type { Draft } from './drafting';
import { methodProblem } from '@sleetcrest/core/engine/run';
import { SAY } from './words';

/** Saves a method as a Method document. */
export function saveMethod(draft: Draft): void {
  const text = JSON.stringify(draft, null, 2) + '\n';
  saveText(text, `${draft.id}.method.json`);
}

/** Reads a Method document; one that cannot be used is refused whole, with the reason. */
export async function readMethodFile(file: File): Promise<Result<Draft, string>> {
  let json: unknown;
  try {
    json = JSON.parse(await file.text());
  } catch {
    const why = SAY.thisIsNotJsonExport;
    return fail(`${file.name}: ${why}`);
  }
  const parsed = methodSchema.safeParse(json);
  if (!parsed.success) return fail(`${file.name}: ${describeErrors(fieldErrors(parsed.error))}`);
  const problem = methodProblem(parsed.data);
  return problem ? fail(`${file.name}: ${problem}`) : ok(parsed.data);
}
