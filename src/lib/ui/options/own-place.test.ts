import { describe, expect, it } from 'vitest';
import { hat, sampleKit } from '../../../../tests/support/sample';
import { Brief, changed } from '$lib/core/plan';
import { speak } from '$lib/words';
import { type OwnPlace, ownPlaceOf, ownPlacesOf, placed, takenOut, waiting } from './own-place';

const now = hat({}, sampleKit());
const places = ownPlacesOf(now, speak(now));
const act = places.acts[1]!.id;
const put = (brief: Brief, text: string, place: OwnPlace): Brief => changed(brief, placed(brief, places, text, place));

describe('where a step of one’s own comes', () => {
  it('a new step is put at the end, before an act or after a row, and is found there again', () => {
    for (const place of [{ at: 'end' }, { at: 'act', id: act }, { at: 'row', piece: 0, row: 40 }] as const) {
      const brief = put(now.brief, 'Weigh the ball', place);
      expect(brief.ownSteps).toEqual(['Weigh the ball']);
      expect(ownPlaceOf(brief, places, 'Weigh the ball')).toEqual(place);
      expect(Brief.safeParse(brief).success).toBe(true);
      // The plan of that brief has it where it was put.
      expect(ownPlaceOf(brief, ownPlacesOf(hat({}, sampleKit(), brief), speak(now)), 'Weigh the ball')).toEqual(place);
    }
  });

  it('one that moves leaves its old place', () => {
    const tied = put(now.brief, 'Weigh the ball', { at: 'row', piece: 0, row: 40 });
    const moved = put(tied, 'Weigh the ball', { at: 'act', id: act });
    expect([moved.ownRows, moved.ownPlaces]).toEqual([{}, { 'Weigh the ball': act }]);
    expect(put(moved, 'Weigh the ball', { at: 'end' }).ownPlaces).toEqual({});
  });

  it('a row or an act that the plan does not have is told as gone', () => {
    const rows = places.pieces[0]!.rows;
    const last = put(now.brief, 'Stop', { at: 'row', piece: 0, row: rows });
    expect(ownPlaceOf(last, places, 'Stop').at).toBe('row');
    expect(ownPlaceOf({ ...last, ownRows: { Stop: { piece: 0, of: 'Tube', row: rows + 1 } } }, places, 'Stop').at).toBe('gone'); // prettier-ignore
    expect(ownPlaceOf({ ...last, ownRows: { Stop: { piece: 0, of: 'Back', row: 1 } } }, places, 'Stop').at).toBe('gone'); // prettier-ignore
    expect(ownPlaceOf({ ...last, ownRows: {}, ownPlaces: { Stop: 'hand.gone' } }, places, 'Stop').at).toBe('gone');
  });

  it('taken out, its place and its wait go with it, and those of others stay', () => {
    const two = put(put(now.brief, 'First', { at: 'act', id: act }), 'Second', { at: 'row', piece: 0, row: 3 });
    const waits = changed(changed(two, waiting(two, 'First', 12)), waiting(changed(two, waiting(two, 'First', 12)), 'Second', 4)); // prettier-ignore
    expect(waits.ownWaits).toEqual({ First: 12, Second: 4 });
    const left = changed(waits, takenOut(waits, 'First'));
    expect([left.ownSteps, left.ownPlaces, left.ownWaits]).toEqual([['Second'], {}, { Second: 4 }]);
    expect(left.ownRows).toEqual({ Second: { piece: 0, of: 'Tube', row: 3 } });
    expect(waiting(left, 'Second', 0)).toEqual({ ownWaits: {} });
  });
});
