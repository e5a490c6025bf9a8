import { expose, transfer } from 'comlink';

/** Longest side of a kept picture, pixels: more than any screen of a log shows. */
const LONGEST = 1600;
/** JPEG quality: no fault is seen beside the yarn. */
const QUALITY = 0.85;

const work = {
  /**
   * A photograph as it is kept: upright, small, and nothing in it but what is seen. The picture is drawn anew, so that place,
   * camera and time, which its file may hold, stay behind.
   *
   * @throws where the browser cannot read it as a picture
   */
  async shrink(file: Blob): Promise<Uint8Array> {
    // The browser turns it the way it was held.
    const picture = await createImageBitmap(file, { imageOrientation: 'from-image' });
    const scale = Math.min(1, LONGEST / Math.max(picture.width, picture.height));
    const canvas = new OffscreenCanvas(Math.max(1, Math.round(picture.width * scale)), Math.max(1, Math.round(picture.height * scale))); // prettier-ignore
    const on = canvas.getContext('2d')!;
    on.drawImage(picture, 0, 0, canvas.width, canvas.height);
    picture.close();
    const small = await canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
    const bytes = new Uint8Array(await small.arrayBuffer());
    return transfer(bytes, [bytes.buffer]);
  }
};
export type PhotoWork = typeof work;

expose(work);
