import { escapeXml, sceneSvg } from '../svg';
import type { Paper, PaperStep } from './content';

const STYLE = `body{font-family:sans-serif;max-width:60rem;margin:2rem auto;padding:0 1rem;line-height:1.45;color:#12302f}
table{border-collapse:collapse}td{padding:.15rem 1rem .15rem 0}li{margin:.6rem 0;break-inside:avoid}svg{max-width:100%;height:auto}
ol svg{float:right;width:12rem;margin-left:1rem}.due{color:#5b6d6c}@media print{body{margin:0;font-size:9pt}}`;

/**
 * A plan as one plain HTML file with its drawings; it asks for nothing from anywhere.
 *
 * @example paperHtml(paperOf(result)).startsWith('<!doctype html>') // true
 */
export function paperHtml(paper: Paper): string {
  let drawn = 0;
  const draw = (scene: PaperStep['picture']): string => (scene ? sceneSvg(scene, { prefix: `p${drawn++}-` }) : '');
  const step = (own: PaperStep): string =>
    `<li>${draw(own.picture)}<strong>${escapeXml(own.title)}</strong>${own.text.map((t) => `<br>${escapeXml(t)}`).join('')}${
      own.lines.length + own.due.length > 0
        ? `<ul class="due">${[...own.lines.map((l) => [l.after, l.what]), ...own.due.map((d) => [d.when, d.what])].map(([a, b]) => `<li>${escapeXml(a!)}: ${escapeXml(b!)}</li>`).join('')}</ul>`
        : ''
    }</li>`;
  const chapters = paper.chapters.map(({ title, steps }) => {
    const parts: string[] = [];
    let list: string[] = [];
    const end = (): void => {
      if (list.length > 0) parts.push(`<ol>${list.join('\n')}</ol>`);
      list = [];
    };
    for (const own of steps) {
      if (own.part) {
        end();
        parts.push(`<h3>${escapeXml(own.part)}</h3>`);
      }
      list.push(step(own));
    }
    end();
    return `<h2>${escapeXml(title)}</h2>\n${parts.join('\n')}`;
  });
  return `<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>${escapeXml(paper.title)}</title><style>${STYLE}</style></head>
<body>
<h1>${escapeXml(paper.title)}</h1>
<p>${escapeXml(paper.about)}</p>
<table>${paper.figures.map((f) => `<tr><td>${escapeXml(f.label)}</td><td><strong>${escapeXml(f.value)}</strong></td><td>${escapeXml(f.range)}</td></tr>`).join('')}</table>
<ul>${paper.yarns.map((y) => `<li>${y.letter}: ${escapeXml(y.name)}, ${escapeXml(y.need)}</li>`).join('')}</ul>
${paper.notes.map((note) => `<p><em>${escapeXml(note)}</em></p>`).join('\n')}
<div>${[...paper.tubes, ...(paper.finished ? [paper.finished] : [])].map(draw).join('\n')}</div>
${chapters.join('\n')}
</body>
</html>
`;
}
