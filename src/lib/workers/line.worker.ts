import { expose } from 'comlink';
import { lineOf, type Spot } from './line';

/** Longest side a photograph is looked at, pixels: finer than a strand on most of them. */
const LONGEST = 1200;

const work = {
  /**
   * Colours of a photograph along a line. It is drawn and looked at here; nothing of it is kept.
   *
   * @throws where the browser cannot read it as a picture
   */
  async read(file: Blob, from: Spot, to: Spot, steps: number): Promise<[number, number, number][]> {
    const picture = await createImageBitmap(file);
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const [width, height] = [picture.width, picture.height].map((n) => Math.max(1, Math.round(n * scale))) as [number, number]; // prettier-ignore
    const on = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
    on.drawImage(picture, 0, 0, width, height);
    picture.close();
    return lineOf(on.getImageData(0, 0, width, height).data, width, height, from, to, steps);
  }
};
export type LineWork = typeof work;

expose(work);
