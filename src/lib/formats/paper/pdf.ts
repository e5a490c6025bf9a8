import type { Column, Content, TDocumentDefinitions, TableCell } from 'pdfmake/interfaces';
import type { Scene } from '$lib/draw/scene';
import { sceneSvg } from '../svg';
import type { Paper, PaperGrid, PaperStep } from './content';

/** Sheets that are printed on. */
export type Sheet = 'A4' | 'LETTER';

/** Points (1/72 inch) of the margin of a sheet. */
const MARGIN = 28;
/** Points a picture of a step is wide. */
const STEP_WIDTH = 42;
/** Points the pieces of a garment are wide, side by side. */
const PIECES_WIDTH = 290;
const QUIET = '#5b6d6c';
const LINE = '#9db1ae';

/** Letters of the further Latin script lie in a font file of their own. */
const FURTHER = /[\u0100-\u024f\u1e00-\u1eff]+/u;

/** A text with the letters that lie in another file set in it. */
function runs(text: string, font: string): { text: string; font?: string }[] {
  return text
    .split(/([\u0100-\u0130\u0132-\u0151\u0154-\u024f\u1e00-\u1eff]+)/u)
    .filter((part) => part !== '')
    .map((part) => (FURTHER.test(part) ? { text: part, font: `${font}Further` } : { text: part }));
}
const words = (text: string, more: object = {}, font = 'Text'): Content => ({ text: runs(text, font), font, ...more });

/** A drawing so wide at the most, as lines and not as dots; its letters are those of the sheet. */
const drawing = (scene: Scene, width: number, more: object = {}): Content => ({
  svg: sceneSvg(scene, { font: 'Text' }),
  width,
  ...more
});

/** Fewer letters than this stand behind the title of their step, on its line. */
const RUN_IN = 60;
/** Letters of a step that is not torn apart at the foot of a column. */
const SHORT = 320;

function stepContent(step: PaperStep, n: number, scale: number): Content[] {
  const [bold, plain] = [{ bold: true, fontSize: 8 * scale }, { fontSize: 7.2 * scale }];
  const small = { fontSize: 6.8 * scale, color: QUIET };
  const [title, said] = [`${n}. ${step.title}`, step.text.join(' ')];
  const styled = (part: string, style: object): object[] => runs(part, 'Text').map((run) => ({ ...run, ...style }));
  const head: Content[] =
    said.length < RUN_IN
      ? [{ text: [...styled(`${title}. `, bold), ...styled(said, plain)], font: 'Text' } as Content] // prettier-ignore
      : [words(title, bold), words(said, plain)];
  const text: Content[] = [
    ...head,
    ...step.shaping.map((line) => words(line, small)),
    ...step.due.map((d) => words(`${d.when}: ${d.what}`, small))
  ];
  const body: Content = step.picture
    ? { columns: [{ stack: text, width: '*' }, { width: STEP_WIDTH, stack: [drawing(step.picture, STEP_WIDTH, { fit: [STEP_WIDTH, STEP_WIDTH] })] }], columnGap: 4 } // prettier-ignore
    : { stack: text };
  return [
    ...(step.part ? [words(step.part, { bold: true, fontSize: 10 * scale, margin: [0, 6 * scale, 0, 1] })] : []),
    {
      ...(body as object),
      unbreakable: step.picture !== null || said.length < SHORT,
      margin: [0, 0, 0, 3]
    } as Content
  ];
}

/** Columns of steps on a sheet. */
const COLUMNS = 3;

/** Chapters with their steps, read downwards from column to column. */
function stepColumns(paper: Paper, scale: number): Content {
  const stack = (chapters: Paper['chapters']): Content[] =>
    chapters.flatMap(({ title, steps }) => {
      let n = 0;
      return steps.flatMap((step, i) => {
        n = step.part ? 1 : n + 1;
        const head: Content[] = i === 0 ? [words(title, { fontSize: 12, margin: [0, 4, 0, 3] }, 'Heading')] : [];
        return [...head, ...stepContent(step, n, scale)];
      });
    });
  const columns = Array.from({ length: COLUMNS }, (_, i): Column => ({ stack: i === 0 ? [...stack(paper.chapters), ...paper.grids.map(grid)] : [], width: '*' })); // prettier-ignore
  return { columns, columnGap: 12, snakingColumns: true } as Content;
}

/** Rows to a line of the grid. */
const ACROSS = 15;

/** Rows to tick: a box for each, its number in it, the letter of a yarn where it comes in. */
function grid({ label, pieces, rows, changes }: PaperGrid): Content {
  const body: TableCell[][] = [];
  for (let from = 1; from <= rows; from += ACROSS) {
    body.push(
      Array.from({ length: ACROSS }, (_, i): TableCell => {
        const row = from + i;
        if (row > rows) return { text: '', border: [false, false, false, false] };
        const yarn = changes.get(row);
        return { text: yarn ? `${row} ${yarn}` : String(row), fontSize: 4.8, font: 'Text', color: yarn ? '#000000' : QUIET, bold: Boolean(yarn), margin: [0, 0.5, 0, 1.2] }; // prettier-ignore
      })
    );
  }
  return {
    stack: [
      words(`${label}: rows to tick${pieces > 1 ? ', a stroke for each piece' : ''}`, {
        bold: true,
        margin: [0, 8, 0, 2]
      }),
      {
        table: { widths: Array.from({ length: ACROSS }, () => '*'), body, dontBreakRows: true },
        layout: { hLineColor: () => LINE, vLineColor: () => LINE, hLineWidth: () => 0.5, vLineWidth: () => 0.5, paddingLeft: () => 1, paddingRight: () => 0, paddingTop: () => 0, paddingBottom: () => 0 } // prettier-ignore
      }
    ]
  };
}

/**
 * A plan as a document for pdfmake: one or two sheets to prop beside the machine.
 *
 * @param paper as `paperOf` reads it
 * @param sheet what it is printed on
 * @param scale size of the letters of its steps; 1 is read most easily
 * @param sheets told of how many sheets it takes, once they are laid out
 * @example paperPdf(paperOf(result), 'A4').pageSize // 'A4'
 */
export function paperPdf(
  paper: Paper,
  sheet: Sheet,
  scale = 1,
  sheets: (count: number) => void = () => {}
): TDocumentDefinitions {
  const figures: Content = {
    table: {
      widths: ['*', 'auto', 'auto'],
      body: paper.figures.map((f) => [words(f.label), words(f.value, { bold: true, alignment: 'right' }), words(f.range, { color: QUIET, fontSize: 7.5 })]) // prettier-ignore
    },
    layout: {
      hLineWidth: (i, node) => (i === 0 || i === node.table.body.length ? 0 : 0.5),
      vLineWidth: () => 0,
      hLineColor: () => LINE,
      paddingTop: () => 1.5,
      paddingBottom: () => 1.5
    }
  };
  const yarns: Content[] = paper.yarns.map((y) => ({
    columns: [
      { width: 20, canvas: [{ type: 'ellipse', x: 7, y: 6, r1: 5.5, r2: 5.5, color: y.hex, lineColor: '#12302f' }] },
      { width: '*', stack: [words(`${y.letter}: ${y.name}, ${y.need}`)] }
    ],
    columnGap: 0,
    margin: [0, 2, 0, 0]
  }));
  const right: Content[] = [
    ...(paper.figures.length > 0 ? [figures] : []),
    { stack: yarns, margin: [0, 6, 0, 4] },
    ...paper.notes.slice(0, 4).map((note) => words(note, { fontSize: 7.5, italics: false, margin: [0, 1, 0, 0] })),
    ...(paper.finished && paper.tubes.length > 0 ? [drawing(paper.finished, 220, { margin: [0, 6, 0, 0] })] : [])
  ];
  const left: Content[] = paper.tubes.map((tube) => drawing(tube, paper.tubes.length > 1 ? 84 : 120));
  const pieces: Content[] = paper.finished && left.length === 0 ? [drawing(paper.finished, PIECES_WIDTH)] : [];
  return {
    pageSize: sheet,
    pageMargins: MARGIN,
    info: { title: paper.title, creator: 'Tomble' },
    defaultStyle: { font: 'Text', fontSize: 8.5, lineHeight: 1.08 },
    content: [
      words(paper.title, { fontSize: 20 }, 'Heading'),
      words(paper.about, { color: QUIET, margin: [0, 0, 0, 8] }),
      left.length > 0
        ? { columns: [{ columns: left, width: left.length > 1 ? 180 : 125, columnGap: 6 }, { stack: right, width: '*' }], columnGap: 16 } // prettier-ignore
        : { columns: [{ stack: right, width: '*' }, ...pieces.map((piece) => ({ stack: [piece], width: PIECES_WIDTH }))], columnGap: 16 }, // prettier-ignore
      stepColumns(paper, scale)
    ],
    footer: (page: number, pages: number): Content => {
      sheets(pages);
      return {
        columns: [
          words(paper.title, { color: QUIET, fontSize: 7 }),
          { text: `${page} of ${pages}`, alignment: 'right', color: QUIET, fontSize: 7 }
        ],
        margin: [MARGIN, 8, MARGIN, 0]
      };
    }
  };
}
