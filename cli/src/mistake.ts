/** A mistake in what was asked or given: told in one line, exit status 2. */
export class Mistake extends Error {}
