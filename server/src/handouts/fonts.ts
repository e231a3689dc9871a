import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

/** The application's face, by the name a handout calls it. */
export const TEXT_FONT = 'Atkinson';

const require = createRequire(import.meta.url);
const file = (family: string, weight: number): string =>
  join(
    dirname(require.resolve(`@fontsource/${family}/package.json`)),
    `files/${family}-latin-${weight}-normal.woff`,
  );

const face = (family: string, normal: number, bold: number) => ({
  normal: file(family, normal),
  bold: file(family, bold),
  italics: file(family, normal),
  bolditalics: file(family, bold),
});

/** Font files for pdfmake; no others may be read. */
export const FONTS = {
  [TEXT_FONT]: face('atkinson-hyperlegible-next', 400, 700),
};
