import type { Paper, PaperStep } from './content';

/** Letters that mean something in Markdown stand for themselves (CommonMark 0.31, 2.4). */
const plain = (text: string): string =>
  text
    .replace(/[\\`*_{}[\]<>#|~]/g, '\\$&')
    .replace(/\s+/g, ' ')
    .trim();

function step({ title, text, due, lines }: PaperStep, n: number): string {
  return [
    `${n}. **${plain(title)}**`,
    ...text.map((t) => `   ${plain(t)}`),
    ...lines.map((l) => `   - ${plain(l.after)}: ${plain(l.what)}`),
    ...due.map((d) => `   - ${plain(d.when)}: ${plain(d.what)}`)
  ].join('\n');
}

/**
 * A plan as Markdown: everything but its drawings.
 *
 * @example paperMarkdown(paperOf(result)).startsWith('# ') // true
 */
export function paperMarkdown(paper: Paper): string {
  const blocks = [
    `# ${plain(paper.title)}`,
    plain(paper.about),
    ['| Figure | | Range |', '| --- | --- | --- |', ...paper.figures.map((f) => `| ${plain(f.label)} | ${plain(f.value)} | ${plain(f.range)} |`)].join('\n'), // prettier-ignore
    paper.yarns.map((y) => `- ${y.letter}: ${plain(y.name)}, ${plain(y.need)}`).join('\n'),
    ...paper.notes.map((note) => `> ${plain(note)}`)
  ];
  for (const chapter of paper.chapters) {
    blocks.push(`## ${plain(chapter.title)}`);
    let n = 0;
    for (const own of chapter.steps) {
      if (own.part) {
        blocks.push(`### ${plain(own.part)}`);
        n = 0;
      }
      n += 1;
      blocks.push(step(own, n));
    }
  }
  return `${blocks.filter((block) => block !== '').join('\n\n')}\n`;
}
