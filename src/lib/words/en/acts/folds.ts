import type { Words } from '../../words';

type Folds = Pick<Words['acts'], 'fold' | 'turn'>;

/** Folds and turns. */
export const folds: Folds = {
  fold: (a, f, t) => {
    const { piece } = a;
    switch (a.how) {
      case 'inside':
        return {
          title: `Push one half of the ${t.piece(piece)} up inside the other`,
          detail: `Up inside the tube until the first end lies under the last one. The fold falls at ${t.row(f.row ?? 0)} of the work, where both layers are equally long. The line where the ${t.terms.row}s begin of one layer on that of the other, else it twists${f.joins > 0 ? '; knots lie between the layers' : ''}.`
        };
      case 'pinch':
        return {
          title: `Pinch the ${t.piece(piece)} at its middle and work it into itself`,
          detail: `At ${t.row(f.row ?? 0)} of the work pinch the tube and work the halves into each other until both points touch, the line where the ${t.terms.row}s begin on itself. The tails of both points stay on the knit side.`
        };
      case 'flat':
        return {
          title: `Lay the closed ${t.piece(piece)} flat`,
          detail: `Lengthwise on the table, ${t.len(f.alongMm)} by ${t.len(f.highMm)}, two layers, the line where it was begun along one long fold.`
        };
      case 'pouch-right':
        return {
          title: 'Fold the right end down',
          detail: `Three squares lie side by side. Fold the upper corner of the right end down along the diagonal of its square.`
        };
      case 'pouch-left':
        return {
          title: 'Fold the left end up',
          detail: `Fold the lower corner of the left end up along the diagonal of its square.`
        };
      case 'pouch-over':
        return {
          title: 'Fold the right end over',
          detail: `Fold the right end up over the diagonal of the middle square: a rectangle with two points above. Its bottom edge is that diagonal; the two seams run from its corners up to the notches of the opening.`
        };
      case 'brim':
        return {
          title: `Turn the brim up${f.heightMm === null ? '' : ` ${t.len(f.heightMm)}`}`,
          detail: f.lined
            ? 'The lining next to the fold now shows outside. The line where the tube was begun goes to the back.'
            : 'Its purl side now shows outside. The seam goes to the back.'
        };
      case 'twist':
        return {
          title: 'Lock the two ends into each other',
          detail: `Fold each closed end lengthwise into a U and slip one side of the one U into the other: four layers lie on each other.`
        };
    }
  },
  turn: (a, f, t) =>
    f.out === 'purl'
      ? {
          title: `Turn the ${t.piece(a.piece)} purl side out`,
          detail: 'The bumpy side faces out: it foams and scrubs better. Off the machine the knit side is outside.'
        }
      : {
          title: `Turn the ${t.piece(a.piece)} knit side out`,
          detail: 'The smooth side faces out; seams and tails lie inside.'
        }
};
