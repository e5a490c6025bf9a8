import textLatin from '../../../fonts/paper-text-latin.ttf?url';
import textFurther from '../../../fonts/paper-text-latin-ext.ttf?url';
import boldLatin from '../../../fonts/paper-bold-latin.ttf?url';
import boldFurther from '../../../fonts/paper-bold-latin-ext.ttf?url';
import headingLatin from '../../../fonts/paper-heading-latin.ttf?url';
import headingFurther from '../../../fonts/paper-heading-latin-ext.ttf?url';
import type { Paper } from './content';
import { paperPdf, type Sheet } from './pdf';

/** Where each font of the sheet lies on our own server. */
const FILES = { textLatin, textFurther, boldLatin, boldFurther, headingLatin, headingFurther } as const;

/** The fonts of the sheet by the names the document gives them. */
const FAMILIES = {
  Text: { normal: 'textLatin', bold: 'boldLatin', italics: 'textLatin', bolditalics: 'boldLatin' },
  TextFurther: { normal: 'textFurther', bold: 'boldFurther', italics: 'textFurther', bolditalics: 'boldFurther' },
  Heading: { normal: 'headingLatin', bold: 'headingLatin', italics: 'headingLatin', bolditalics: 'headingLatin' },
  HeadingFurther: { normal: 'headingFurther', bold: 'headingFurther', italics: 'headingFurther', bolditalics: 'headingFurther' } // prettier-ignore
} as const;

/** Bytes as base64, a piece at a time: a call takes only so many arguments. */
function base64(bytes: Uint8Array): string {
  let text = '';
  for (let i = 0; i < bytes.length; i += 8192) text += String.fromCharCode(...bytes.subarray(i, i + 8192));
  return btoa(text);
}

/** Sheets that can be propped beside a machine. */
const MOST_SHEETS = 2;
/** Sizes of letters tried for that, the smallest still 6.3 points; what takes more sheets even so keeps the large ones. */
const SMALLER = [0.94, 0.88];

/** Makes the PDF of a plan in this browser, its fonts in it. */
export async function writePdf(paper: Paper, sheet: Sheet): Promise<Uint8Array<ArrayBuffer>> {
  const { default: pdfMake } = await import('pdfmake/build/pdfmake');
  const fonts = await Promise.all(
    Object.entries(FILES).map(async ([name, url]) => {
      const answer = await fetch(url);
      if (!answer.ok) throw new Error(`The font ${name} could not be loaded.`);
      return [name, base64(new Uint8Array(await answer.arrayBuffer()))] as const;
    })
  );
  pdfMake.addVirtualFileSystem(Object.fromEntries(fonts));
  pdfMake.addFonts(FAMILIES);
  const made = async (scale: number): Promise<{ sheets: number; bytes: Uint8Array<ArrayBuffer> }> => {
    let sheets = 0;
    const bytes = await pdfMake.createPdf(paperPdf(paper, sheet, scale, (count) => (sheets = count))).getBuffer();
    return { sheets, bytes: new Uint8Array(bytes) };
  };
  const largest = await made(1);
  if (largest.sheets <= MOST_SHEETS) return largest.bytes;
  for (const scale of SMALLER) {
    const smaller = await made(scale);
    if (smaller.sheets <= MOST_SHEETS) return smaller.bytes;
  }
  return largest.bytes;
}
