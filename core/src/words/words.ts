import { IntlMessageFormat } from 'intl-messageformat';
import { isLonger } from './language.js';
import { accented, lengthened } from './longer.js';
import type { Placeholder } from './placeholders.js';

type Ast = ReturnType<IntlMessageFormat['getAst']>;
type Values = Readonly<Record<string, string | number>>;

/** A message by its key: a text, or what makes one of the values it asks for. */
type Words<T extends Readonly<Record<string, string>>> = {
  readonly [K in keyof T]: [Placeholder<T[K]>] extends [never]
    ? string
    : (values: Readonly<Record<Placeholder<T[K]>, string | number>>) => string;
};

const LANGUAGE = 'en';
/** Angle brackets are text: no message carries markup. */
const OPTIONS = { ignoreTag: true };
/** What a message calls its own text; arguments and counts are of other types. */
const TEXT = 0;

/**
 * All that a subject says, by key, as ICU messages: `{ toGo: '{count, plural, one {# turn} other
 * {# turns}} to go' }` is said by `say.toGo({ count: 3 })`, and a message that asks for nothing is a text.
 * Nothing is made before it is said for the first time.
 * @throws SyntaxError when said, if a message is no ICU message
 */
export function words<const T extends Readonly<Record<string, string>>>(messages: T): Words<T> {
  const said = {};
  for (const [key, message] of Object.entries(messages)) {
    const asks = message.includes('{');
    const make = asks ? () => filled(message) : () => spoken(message);
    defineOnce(said, key, make);
  }
  return said as Words<T>;
}

/** A text of the data, kept beside what it tells of, as it is said; what is to be filled in stays: `{first}`. */
export function spoken(text: string): string {
  if (!isLonger() || text === '') return text;
  const said = text.replace(/\{\w+\}|[^{]+/g, (part) =>
    part.startsWith('{') ? part : accented(part),
  );
  return lengthened(said, text);
}

/** What is made once for each language, when it is asked for. */
function defineOnce(of: object, key: string, make: () => unknown): void {
  const made = new Map<boolean, unknown>();
  const get = (): unknown => {
    if (!made.has(isLonger())) made.set(isLonger(), make());
    return made.get(isLonger());
  };
  Object.defineProperty(of, key, { enumerable: true, get });
}

function filled(message: string): (values: Values) => string {
  const format = new IntlMessageFormat(message, LANGUAGE, undefined, OPTIONS);
  if (!isLonger()) return (values) => format.format(values) as string;
  const longer = new IntlMessageFormat(accentedIn(format.getAst()), LANGUAGE);
  return (values) => lengthened(longer.format(values) as string, message.replace(/\{.*\}/g, ''));
}

/** A message whose own texts are accented, and what it is filled with is not. */
function accentedIn(ast: Ast): Ast {
  return ast.map((element) => {
    if ('options' in element) {
      const options = Object.entries(element.options).map(
        ([of, { value }]) => [of, { value: accentedIn(value) }] as const,
      );
      return { ...element, options: Object.fromEntries(options) };
    }
    const isText = Number(element.type) === TEXT;
    return isText && 'value' in element ? { ...element, value: accented(element.value) } : element;
  });
}
