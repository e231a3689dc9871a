// Made by npm run facts: do not edit.
export const stamp = '52b48b0bcc4846c7';
