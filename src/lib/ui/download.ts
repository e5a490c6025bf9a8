/**
 * Hands a text to the browser as a file.
 *
 * @param name file name with its ending
 */
export const download = (name: string, type: string, text: string): void => hand(name, new Blob([text], { type }));

/** Hands bytes to the browser as a file. */
export const downloadBytes = (name: string, type: string, bytes: Uint8Array<ArrayBuffer>): void =>
  hand(name, new Blob([bytes], { type }));

/** Hands a picture or anything else to the browser as a file. */
export const downloadBlob = (name: string, content: Blob): void => hand(name, content);

function hand(name: string, content: Blob): void {
  const url = URL.createObjectURL(content);
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  // The click has started the download by the next task; the address is not needed after it.
  setTimeout(() => URL.revokeObjectURL(url), 1000);
}

/** A project's name as a file name: letters without their accents, digits and dashes. */
export function fileName(name: string, ending: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
    .toLowerCase();
  return `${plain || 'project'}${ending}`;
}
