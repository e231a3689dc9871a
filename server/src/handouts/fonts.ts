import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

/** The application's face, by the name a handout calls it. */
export const TEXT_FONT = 'Atkinson';

const require = createRequire(import.meta.url);
const PACKAGE = '@expo-google-fonts/atkinson-hyperlegible-next';
// Plain TrueType: of a compressed file every glyph's table would be inflated anew.
const file = (weight: string): string =>
  join(
    dirname(require.resolve(`${PACKAGE}/package.json`)),
    `${weight}/AtkinsonHyperlegibleNext_${weight}.ttf`,
  );
const [normal, bold] = [file('400Regular'), file('700Bold')];

/** Font files for pdfmake; no others may be read. */
export const FONTS = {
  [TEXT_FONT]: { normal, bold, italics: normal, bolditalics: bold },
};
