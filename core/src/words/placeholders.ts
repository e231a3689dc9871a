/**
 * The names a message asks for, read from its ICU form by the compiler: `'{count, plural, one {# turn}
 * other {# turns}} of {name}'` asks for `count` and `name`. Text and its arguments take turns: within an
 * argument a brace opens text, within text it opens an argument.
 */
export type Placeholder<M extends string> = InText<M, []>;

type InText<M extends string, Open extends unknown[]> = M extends `${infer Before}{${infer After}`
  ? Before extends `${string}}${infer Rest}`
    ? OutOfText<`${Rest}{${After}`, Open>
    : OfArgument<After, Open>
  : M extends `${string}}${infer Rest}`
    ? OutOfText<Rest, Open>
    : never;

/** Behind the brace that closes a choice's text: on among the choices of the argument round it. */
type OutOfText<M extends string, Open extends unknown[]> = Open extends [unknown, ...infer Outer]
  ? AmongChoices<M, Outer>
  : never;

type OfArgument<M extends string, Open extends unknown[]> = M extends `${infer Head}}${infer Rest}`
  ? Head extends `${infer Name},${string}`
    ? Name | (M extends `${string},${infer Choices}` ? AmongChoices<Choices, Open> : never)
    : Head | InText<Rest, Open>
  : never;

type AmongChoices<
  M extends string,
  Open extends unknown[],
> = M extends `${infer Before}}${infer After}`
  ? Before extends `${string}{${infer Text}`
    ? InText<`${Text}}${After}`, [unknown, ...Open]>
    : InText<After, Open>
  : never;
