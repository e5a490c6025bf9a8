import { XMLValidator } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../../tests/support/sample';
import { KINDS } from '$lib/core/kinds';
import { type Paper, paperOf } from './content';
import { paperHtml } from './html';
import { paperMarkdown } from './markdown';
import { paperPdf } from './pdf';

/** Every title of a paper. */
const titles = (paper: Paper): string[] => paper.chapters.flatMap(({ steps }) => steps.map((step) => step.title));
/** Markdown without the marks that only escape. */
const bare = (text: string): string => text.replace(/\\([\\`*_{}[\]<>#|~])/g, '$1');

describe('a plan on paper', () => {
  it('of every kind: every step of the plan once, rows to tick as many as there are, and every file holds them', () => {
    for (const kind of KINDS) {
      const result = made(kind.code);
      const paper = paperOf(result);
      const rows = result.sizes.pieces.reduce((sum, piece, p) => sum + piece.rows * result.plan.pieces[p]!.copies, 0);
      expect(
        paper.grids.reduce((sum, grid) => sum + grid.rows * grid.pieces, 0),
        kind.code
      ).toBe(rows);
      expect(titles(paper).length, kind.code).toBeGreaterThan(0);
      const [markdown, html] = [bare(paperMarkdown(paper)), paperHtml(paper)];
      // Read as XML once what HTML leaves open is closed.
      const closed = html.replace('<!doctype html>', '').replace(/<(meta[^>]*|br)>/g, '<$1/>');
      expect(XMLValidator.validate(closed), kind.code).toBe(true);
      for (const title of titles(paper)) {
        expect(markdown, kind.code).toContain(title.replace(/\s+/g, ' ').trim());
        expect(html).toContain(title.replaceAll('&', '&amp;').replaceAll('"', '&quot;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')); // prettier-ignore
      }
      // No address is asked for when the page is opened.
      expect(html).not.toMatch(/(src|href)=/);
      for (const sheet of ['A4', 'LETTER'] as const) {
        const text = JSON.stringify(paperPdf(paper, sheet));
        expect(text).toContain(`"pageSize":"${sheet}"`);
        expect(text).not.toMatch(/NaN|undefined/);
      }
    }
  });

  it('in the units of the knitter', () => {
    const metric = paperOf(made('lined-hat'));
    const imperial = paperOf(made('lined-hat', {}, sampleKit({ habits: { units: 'imperial' } })));
    expect(metric.figures[0]!.value).toMatch(/cm$/);
    expect(imperial.figures[0]!.value).not.toMatch(/cm/);
    expect(paperMarkdown(imperial)).not.toMatch(/\d cm\b/);
  });

  it('a grid has the letter of a yarn wherever it comes in', () => {
    const paper = paperOf(made('free-tube', { sections: [{ yarn: 'red', rows: 5 }, { yarn: 'blue', rows: 3 }, { yarn: 'red', rows: 2 }] })); // prettier-ignore
    expect([...paper.grids[0]!.changes]).toEqual([[1, 'A'], [6, 'B'], [9, 'A']]); // prettier-ignore
  });

  it('what a knitter typed stays words: no markup, no table, no heading', () => {
    const result = made('strap');
    const name = '# <script>alert(1)</script> | *x*';
    const knit = paperOf({ ...result, brief: { ...result.brief, name: 'knit-bag, sans-serif' } });
    expect(paperHtml(knit)).toContain('<h1>knit-bag, sans-serif</h1>');
    const paper = paperOf({ ...result, brief: { ...result.brief, name } });
    expect(paperHtml(paper)).not.toContain('<script');
    expect(paperMarkdown(paper).split('\n')[0]).toBe('# \\# \\<script\\>alert(1)\\</script\\> \\| \\*x\\*');
  });
});
