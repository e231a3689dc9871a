import { methodSchema } from '@sleetcrest/contract';
import { kept } from '../../base/storage/kept';

/** The draft on the desk, kept in the browser, so that a reload leads back to it. */
export const keptDraft = kept('sleetcrest-draft', methodSchema);
