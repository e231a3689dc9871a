import { methodSchema } from '@sleetcrest/contract';
import type { Draft } from './drafting';

const KEY = 'sleetcrest-draft';

/** Keeps the draft in the browser, so that a reload leads back to it. */
export function rememberDraft(draft: Draft | null): void {
  try {
    if (draft) localStorage.setItem(KEY, JSON.stringify(draft));
  } catch {
    // Without storage the work goes on; only a reload would not find it.
  }
}

/** The draft of the last visit; none when there was none or it cannot be understood. */
export function rememberedDraft(): Draft | null {
  try {
    const parsed = methodSchema.safeParse(JSON.parse(localStorage.getItem(KEY) ?? 'null'));
    return parsed.success ? parsed.data : null;
  } catch {
    return null;
  }
}

export function forgetDraft(): void {
  try {
    localStorage.removeItem(KEY);
  } catch {
    // There was nothing kept.
  }
}
