import { XMLValidator } from 'fast-xml-parser';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { made, sampleKit } from '../../../tests/support/sample';
import { KINDS } from '$lib/core/kinds';
import { allRows } from '$lib/core/read';
import { actSketch } from '$lib/draw/acts';
import { speak } from '$lib/words';
import { finishedScene } from '$lib/draw/finished';
import { sketchScene } from '$lib/draw/sketch';
import { tubeScene } from '$lib/draw/tube';
import { newProject } from '$lib/store/projects';
import { planAnswer } from './plan-answer';
import { readProjectFile, writeProjectFile } from './project-file';
import { ROW_COLUMNS, rowTable } from './row-table';
import { sceneSvg } from './svg';

const kit = sampleKit();
const NOW = new Date('2026-11-24T08:00:00Z');

describe.each(KINDS.map((kind) => [kind.code] as const))('%s in every open format', (code) => {
  const result = made(code);

  it('its answer is plain JSON, and nothing in it is lost on the way', () => {
    const answer = planAnswer(result);
    const text = JSON.stringify(answer);
    expect(text).not.toMatch(/NaN|Infinity/);
    expect(JSON.stringify(JSON.parse(text))).toBe(text);
  });

  it('its row table has every row of every piece, read by papaparse', () => {
    const { data, meta, errors } = Papa.parse<Record<string, string>>(rowTable(result).trim(), { header: true });
    expect(errors.filter((e) => e.code !== 'UndetectableDelimiter')).toEqual([]);
    expect(meta.fields).toEqual([...ROW_COLUMNS]);
    const rows = result.fabric.pieces.reduce((sum, p) => sum + p.rows, 0);
    expect(data).toHaveLength(rows);
    expect(rows).toBeLessThanOrEqual(allRows(result));
    for (const row of data) {
      expect(Number(row['stitches'])).toBeGreaterThan(0);
      expect(row['place when worn']).not.toBe('');
    }
  });

  it('its pictures are well-formed SVG (fast-xml-parser)', () => {
    const scenes = [
      ...result.outline.tubes.map((tube) => tubeScene(tube, result.yarns, tube.pins, { width: 320, height: 900, rowsDone: null, slim: false })), // prettier-ignore
      ...result.plan.acts.flatMap((_, i) => {
        const sketch = actSketch(result, i, speak(result));
        return sketch ? [sketchScene(sketch, result.yarns, 420, 190)] : [];
      }),
      finishedScene(result, 600, 480)!
    ];
    for (const scene of scenes) {
      const svg = sceneSvg(scene);
      expect(XMLValidator.validate(svg)).toBe(true);
      expect(svg).toContain('<title>');
      expect(svg).not.toMatch(/NaN|undefined/);
    }
  });

  it('its project file brings back the same plan', () => {
    const project = { ...newProject(kit, code, 'm', NOW), brief: result.brief };
    const read = readProjectFile(writeProjectFile(project, result, [], NOW));
    if (!read.ok) throw new Error(read.reasons.join(' '));
    expect(read.result.plan).toEqual(result.plan);
    expect(read.result.findings).toEqual(result.findings);
  });
});
