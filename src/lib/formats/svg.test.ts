import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { describe, expect, it } from 'vitest';
import { hat, medium, sampleKit } from '../../../tests/support/sample';
import { hatScene } from '$lib/draw/hat';
import { tubeScene } from '$lib/draw/tube';
import { sceneSvg } from './svg';

const kit = sampleKit({ yarns: [medium('red', '#b03020', { name: 'Rush & "reed" <2>' }), medium('blue', '#205080')] });
const result = hat({ yarn: 'red', liningYarn: 'blue' }, kit);
const tube = tubeScene(result.outline.tubes[0]!, result.yarns, 48, {
  width: 320,
  height: 900,
  rowsDone: null,
  slim: false
});
const worn = hatScene(result.outline.worn!, result.yarns, 48, 600, 480);

describe('sceneSvg', () => {
  it.each([
    ['tube', tube],
    ['worn view', worn]
  ])('%s is well-formed XML that stands alone', (_what, scene) => {
    const svg = sceneSvg(scene);
    expect(XMLValidator.validate(svg)).toBe(true);
    expect(svg).not.toMatch(/var\(|https?:\/\/(?!www\.w3\.org\/2000\/svg)/);
    expect(svg).not.toMatch(/NaN|undefined|Infinity/);
  });

  it('holds every shape and texture of the scene, and no pattern is missing', () => {
    const parsed = new XMLParser({ ignoreAttributes: false }).parse(sceneSvg(tube)) as {
      svg: { path: unknown[]; defs: { pattern: unknown[] } };
    };
    expect(parsed.svg.path).toHaveLength(tube.shapes.filter((s) => s.shape === 'path').length);
    const svg = sceneSvg(tube);
    for (const [, id] of svg.matchAll(/url\(#(knit-\d+)\)/g)) expect(svg).toContain(`id="${id}"`);
  });

  it('leaves out signs that no XML may hold', () => {
    const svg = sceneSvg({ ...tube, label: 'Bell\u0007, end\0, half \ud800 letter' });
    expect(XMLValidator.validate(svg)).toBe(true);
    expect(svg).toContain('<title>Bell, end, half  letter</title>');
  });

  it('writes names of yarns as text, whatever they contain', () => {
    expect(sceneSvg(tube)).toContain('Rush &amp; &quot;reed&quot; &lt;2&gt;');
  });
});
