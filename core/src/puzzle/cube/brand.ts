declare const brand: unique symbol;

/**
 * A number of one kind, which no other may stand for: a side is no hold, and a hold no turn. It is a
 * plain number when it runs; where one is worked out, whoever does so says what it is.
 */
export type Branded<Kind extends string> = number & { readonly [brand]: Kind };
