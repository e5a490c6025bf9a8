import { expose } from 'comlink';
import { paletteOf } from './palette';

/** Longest side a photograph is looked at, pixels: its colours need no more. */
const LONGEST = 240;

const work = {
  /**
   * The main colours of a photograph, the commonest first. It is drawn small and looked at here; nothing of it is kept.
   *
   * @throws where the browser cannot read it as a picture
   */
  async read(file: Blob, count: number): Promise<string[]> {
    const picture = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = new OffscreenCanvas(Math.max(1, Math.round(picture.width * scale)), Math.max(1, Math.round(picture.height * scale))); // prettier-ignore
    const on = canvas.getContext('2d', { willReadFrequently: true })!;
    on.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    return paletteOf(on.getImageData(0, 0, canvas.width, canvas.height).data, count);
  }
};
export type PaletteWork = typeof work;

expose(work);
