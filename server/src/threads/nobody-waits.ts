/** Whoever wanted something worked out has left: it was stopped. */
export class NobodyWaits extends Error {}
