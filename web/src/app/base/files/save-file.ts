import { saveAs } from 'file-saver';

const TYPES = {
  csv: 'text/csv;charset=utf-8',
  json: 'application/json',
  svg: 'image/svg+xml',
} as const;

/** The one way to hand a file to the person: the browser saves it, or asks where to. */
export const saveFile = (file: Blob, name: string): void => saveAs(file, name);

/** The same of text; what kind it is, the end of its name says. */
export const saveText = (text: string, name: `${string}.${keyof typeof TYPES}`): void => {
  const kind = name.slice(name.lastIndexOf('.') + 1) as keyof typeof TYPES;
  saveFile(new Blob([text], { type: TYPES[kind] }), name);
};
