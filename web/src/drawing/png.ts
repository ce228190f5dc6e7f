import { svgText } from './svg-text.ts';
import type { Box, Shape } from './shape.ts';

/** Pixels to a unit of the drawing: sharp on paper. */
const SCALE = 3;

/** Returns a drawing as a PNG on white, by the browser's own painter. Throws where the browser cannot paint it. */
export async function pngBlob(shapes: readonly Shape[], box: Box): Promise<Blob> {
  const picture = new Image();
  picture.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(shapes, box))}`;
  await picture.decode();
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(box[2] * SCALE);
  canvas.height = Math.round(box[3] * SCALE);
  const brush = canvas.getContext('2d');
  if (brush === null) throw new Error('This browser cannot paint a PNG.');
  brush.fillStyle = '#ffffff';
  brush.fillRect(0, 0, canvas.width, canvas.height);
  brush.drawImage(picture, 0, 0, canvas.width, canvas.height);
  return new Promise((resolve, reject) => {
    canvas.toBlob((blob) =>
      blob === null ? reject(new Error('This browser cannot paint a PNG.')) : resolve(blob),
    );
  });
}
