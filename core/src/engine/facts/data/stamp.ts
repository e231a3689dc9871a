// Made by npm run facts: do not edit.
export const stamp = '02e80bebce3c9592';
