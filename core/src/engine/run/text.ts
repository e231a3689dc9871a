/**
 * Sentences with words in braces, parted once and filled often. A word that is not known is an
 * error in the approach, found when it is compiled.
 */
export interface Template {
  readonly parts: readonly string[];
  readonly words: readonly string[];
}

export function parseTemplate(text: string): Template {
  const pieces = text.split(/\{(\w+)\}/);
  return {
    parts: pieces.filter((_, k) => k % 2 === 0),
    words: pieces.filter((_, k) => k % 2 === 1),
  };
}

export function fillTemplate(template: Template, value: (word: string) => string): string {
  let text = template.parts[0]!;
  template.words.forEach((word, k) => {
    text += value(word) + template.parts[k + 1]!;
  });
  return text;
}
