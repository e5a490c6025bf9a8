import type { Worn } from '../../plan';
import type { Made } from '../../hand';
import type { Executed } from '../../knit';
import type { PieceSize } from '../piece-size';
import type { Sketch } from '../sketch';
import { bagForm } from './bag';
import { brimHatForm } from './brim-hat';
import { earHatForm } from './ear-hat';
import { flatForm } from './flat';
import { gatheredHatForm } from './gathered-hat';
import { type NamedFigure, plainPlaces, type Places, type WornForm } from './form';
import { garlandForm } from './garland';
import { linedHatForm } from './lined-hat';
import { panelsForm } from './panels';
import { pompomForm } from './pompom';
import { ringForm } from './ring';
import { sackForm } from './sack';
import { sleeveForm } from './sleeve';
import { toyForm } from './toy';
import { wrapForm } from './wrap';

/** Every worn form. To add one, write its file and name it here; the type sees to it that none is missing. */
const WORN_FORMS: { readonly [F in Worn['form']]: WornForm<Extract<Worn, { form: F }>> } = {
  'lined-hat': linedHatForm,
  'ear-hat': earHatForm,
  'brim-hat': brimHatForm,
  'gathered-hat': gatheredHatForm,
  sleeve: sleeveForm,
  flat: flatForm,
  ring: ringForm,
  sack: sackForm,
  'folded-bag': bagForm,
  wrap: wrapForm,
  toy: toyForm,
  garland: garlandForm,
  pompom: pompomForm,
  panels: panelsForm
};

const formOf = (worn: Worn): WornForm => WORN_FORMS[worn.form] as unknown as WornForm;

/** A piece that the machine could not begin has no picture and no figures. */
const knittedAll = (run: Executed): boolean => run.fabric.pieces.every((piece) => piece.rows > 0);

/** Which rows show where. */
export const placesOf = (run: Made): Places => {
  const { worn } = run.plan;
  return worn && knittedAll(run) ? formOf(worn).places(run, worn) : plainPlaces(run);
};

/** What the finished thing measures. */
export function finishedFigures(run: Made, pieces: readonly PieceSize[]): readonly NamedFigure[] {
  const { worn } = run.plan;
  return worn && knittedAll(run) ? formOf(worn).figures(run, worn, pieces) : [];
}

/**
 * A picture of the finished thing, or null where there is none or it has an outline of its own.
 *
 * @param narrow pieces that would lie side by side lie one below the other
 */
export function finishedSketch(run: Made, narrow = false): Sketch | null {
  const { worn } = run.plan;
  if (!worn || !knittedAll(run)) return null;
  const form = formOf(worn);
  return form.sketch ? form.sketch(run, worn, form.places(run, worn), narrow) : null;
}

export type { FigureName, NamedFigure } from './form';
