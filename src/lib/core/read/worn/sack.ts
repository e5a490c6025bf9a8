import type { SackWorn } from '../../plan';
import { about } from '../../quantity';
import { mainGauge, mainYarn, pieceAt } from '../../knit';
import { lengthMmOf } from '../../knit';
import { PLACES } from '../places';
import { grain, layRows, type SketchLine } from '../sketch';
import { halfWidth } from './flat';
import { doubledPlaces, type WornForm } from './form';

/** A sack with a cord through the channel at its mouth. */
export const sackForm: WornForm<SackWorn> = {
  places: doubledPlaces,
  figures: (run, _worn, pieces) => {
    const size = pieces[0]!;
    // As it is chained: its length along the mouth as hands found it.
    const chained = run.worked.done.find((d) => d.do === 'cord' && d.act.name === 'drawstring');
    const cord = chained?.do === 'cord' ? chained.facts : undefined;
    const rows = pieceAt(run, 0).fabric.doubled.reduce((sum, d) => sum + (d.to - d.from + 1), 0);
    const { courses } = mainGauge(run, 0);
    const mm = (per: number): number => (rows * 10) / per / 2;
    return [
      { code: 'width', name: 'width', figure: size.flatWidthMm },
      { code: 'height', name: 'height', figure: size.lengthMm },
      {
        code: 'channel',
        name: 'channel',
        figure: {
          value: mm(courses.value),
          low: mm(courses.high),
          high: mm(courses.low),
          unit: 'mm',
          basis: courses.basis,
          because: [{ say: 'hangDoubled', rows }, ...courses.because]
        }
      },
      ...(cord ? [{ code: 'cord', name: 'cord' as const, figure: about(cord.mm, 0, 'mm', size.girthMm.basis, [{ say: 'mouthAndEnds' }, ...size.girthMm.because]) }] : []) // prettier-ignore
    ];
  },
  sketch: (run, _worn, { pieces }) => {
    const piece = pieceAt(run, 0).fabric;
    const span = piece.work;
    const halfMm = halfWidth(run, 0);
    const lengthMm = lengthMmOf(run, 0);
    const hidden = pieces[0]!.foldRow ?? 0;
    const placeOf = (row: number) => PLACES[pieces[0]!.place[span.first + row]!];
    const channelMm = (hidden / Math.max(1, span.count - hidden)) * lengthMm;
    // The mouth is drawn together a little, as one carries it.
    const half = (share: number): number => halfMm * Math.min(1, 0.55 + share * 1.6);
    const shapes = layRows(run, 0, {
      origin: [0, 0],
      lengthMm,
      half,
      rows: { from: hidden, to: span.count },
      placeOf
    });
    const yarn = mainYarn(piece);
    const cord: SketchLine[] = [-1, 1].map((side) => ({
      points: [
        [0, channelMm / 2],
        [side * halfMm * 0.75, channelMm / 2],
        [side * halfMm * 1.25, channelMm + halfMm * 0.5],
        [side * halfMm * 1.1, channelMm + halfMm]
      ],
      yarn,
      thickMm: 4,
      title: 'Drawstring cord'
    }));
    const stitched: SketchLine = {
      points: [
        [-half(channelMm / lengthMm), channelMm],
        [half(channelMm / lengthMm), channelMm]
      ],
      yarn: null,
      thickMm: 0,
      dashed: true,
      title: 'Here row 1 was lifted back onto the pins'
    };
    return {
      label: 'The sack with its cord',
      shapes,
      lines: [stitched, ...cord],
      labels: [],
      ...grain(run, 0)
    };
  }
};
