/** Dots to one pixel of the drawing: sharp on any screen. */
const SCALE = 2;

/**
 * An SVG as a PNG, drawn by the browser.
 *
 * @throws when the browser cannot draw it
 */
export async function scenePng(svg: string, width: number, height: number): Promise<Blob> {
  const url = URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
  try {
    const image = new Image();
    image.src = url;
    await image.decode();
    const canvas = document.createElement('canvas');
    canvas.width = width * SCALE;
    canvas.height = height * SCALE;
    const to = canvas.getContext('2d');
    if (!to) throw new Error('no canvas');
    to.fillStyle = '#ffffff';
    to.fillRect(0, 0, canvas.width, canvas.height);
    to.drawImage(image, 0, 0, canvas.width, canvas.height);
    return await new Promise((yes, no) =>
      canvas.toBlob((blob) => (blob ? yes(blob) : no(new Error('no picture'))), 'image/png')
    );
  } finally {
    URL.revokeObjectURL(url);
  }
}
