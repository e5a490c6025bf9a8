import type { Edge } from '$lib/core/plan';
import type { Words } from '../../words';

type Folds = Pick<Words['acts'], 'fold' | 'turn'>;

const END: Readonly<Record<Edge, string>> = { 'cast-on': 'cast-on end', 'hung-off': 'last-knitted end' };

const THROUGH = {
  end: 'Reach in through the open end, take hold of the far end and pull it through',
  fold: 'Reach in at the fold, take hold of the crown and pull everything through',
  ring: 'Roll it over its own edge, all round, until what lay inside lies outside'
} as const;

/** Folds and turns. */
export const folds: Folds = {
  fold: (a, f, t) => {
    const { piece } = a;
    switch (a.how) {
      case 'inside':
        return {
          title: `Push the ${END[f.enters!]} up inside the tube`,
          detail: `Push it in until it lies under the ${END[f.stays!]}. The fold falls after ${t.row(f.row ?? 0)}, where both layers are equally long: the ${t.terms.row}s knitted ${f.outside} are outside now. Lay the line where the ${t.terms.row}s begin on itself, else the ${t.piece(piece)} twists${f.joins > 0 ? '; the knots lie between the layers' : ''}.`
        };
      case 'pinch':
        return {
          title: `Pinch the ${t.piece(piece)} in the middle and push the ${END[f.enters!]} in`,
          detail: `Stretch the tube, pinch it at ${t.row(f.row ?? 0)} and push the half with the ${END[f.enters!]} into the other half until both points touch. The ${t.terms.row}s knitted ${f.outside} are outside now; the line where the ${t.terms.row}s begin lies on itself.`
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
  turn: (a, f, t) => {
    const piece = t.piece(a.piece);
    const how = `${THROUGH[f.through]}.`;
    switch (f.out) {
      case 'purl':
        return f.stays
          ? {
              title: `Turn the ${piece} purl side out`,
              detail: `${how} It stays like this: the bumpy side foams and scrubs better, and the ridge of the seam lies inside.`
            }
          : {
              title: `Turn the ${piece} inside out: purl side out`,
              detail: `${how} The purl side with its tails now faces you; what comes next is done there.`
            };
      case 'knit':
        return {
          title: `Turn the ${piece} right side out: knit side out`,
          detail: `${how} The smooth side faces out; knots, tails and seams lie inside.`
        };
      case 'first':
      case 'last':
        return {
          title: `Turn the whole ${piece} right side out`,
          detail: `${how} The ${t.terms.row}s knitted ${f.out} are outside; the ridge, the knots and the tails of the crown lie inside.`
        };
      case 'back':
        return {
          title: `Turn the ${piece} over`,
          detail: `${how} The ridge of the seam now lies inside.`
        };
    }
  }
};
