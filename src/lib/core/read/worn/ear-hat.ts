import type { EarHatWorn } from '../../plan';
import { bent, grain, layRows, type Point, type SketchLine } from '../sketch';
import { PLACES } from '../places';
import { foldHat } from './fold-hat';
import { type WornForm } from './form';
import { hatFigures, hatReveal } from './lined-hat';

/** A hat closed straight across: on the head its two corners stand up as ears. */
export const earHatForm: WornForm<EarHatWorn> = {
  places: hatReveal,
  figures: hatFigures,
  sketch: (run, worn, { pieces }) => {
    const hat = foldHat(run, worn);
    const radius = worn.headMm / (2 * Math.PI);
    const firstOut = hat.outer === 'first';
    const edgeRow = hat.foldRow - hat.turnRows;
    const heightMm = hat.fit.arcAt(edgeRow) * 0.86;
    const brimMm = hat.turnRows * hat.fit.fullCourseMm;
    const { place } = pieces[0]!;
    // The corners reach out beyond the head and stand up; between them the top sinks onto the crown.
    const half = (share: number): number => radius * (1 + 0.1 * Math.max(0, 1 - share * 2.4));
    const sunk = ([x, y]: Point): Point => {
      const down = Math.max(0, 1 - y / (heightMm * 0.42)) * radius * 0.42;
      return [x, y + down * Math.max(0, 1 - (x / (radius * 1.06)) ** 2)];
    };
    const placeOf = (row: number) => PLACES[place[hat.firstRow + row]!];
    const shell = layRows(run, 0, {
      origin: [0, 0],
      lengthMm: heightMm,
      half,
      rows: firstOut ? { from: 0, to: edgeRow } : { from: hat.workRows - edgeRow, to: hat.workRows },
      lastFirst: !firstOut,
      placeOf
    });
    const brim = layRows(run, 0, {
      origin: [0, heightMm - brimMm],
      lengthMm: brimMm,
      half: () => radius * 1.05,
      rows: firstOut
        ? { from: hat.foldRow, to: hat.foldRow + hat.turnRows }
        : { from: hat.workRows - hat.foldRow - hat.turnRows, to: hat.workRows - hat.foldRow },
      lastFirst: !firstOut,
      placeOf
    });
    const dip: SketchLine = {
      points: Array.from({ length: 25 }, (_, i) => sunk([half(0) * (i / 12 - 1), 2])),
      yarn: null,
      thickMm: 0,
      dashed: true,
      title: 'Closed straight across through four layers; the corners stand up'
    };
    return {
      label: 'As worn: a hat with two ears at the corners of its straight top',
      shapes: [...shell.map((shape) => bent(shape, sunk)), ...brim],
      lines: [dip],
      labels: [],
      ...grain(run, 0)
    };
  }
};
