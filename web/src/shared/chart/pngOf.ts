import type { ChartInk } from './ink';
import { TITLE_px, type DrawnPart } from './parts';

/** Points of the picture to one of the page, so that it can be printed. */
const FINE = 2;

/** Charts below each other as one PNG, each under its title, on the paper that was read of a page. */
export async function pngOf(parts: readonly DrawnPart[], width: number, ink: ChartInk): Promise<Blob> {
  const { init } = await import('./engine');
  await document.fonts.ready;
  const sheet = document.createElement('canvas');
  sheet.width = width * FINE;
  sheet.height = parts.reduce((sum, { height }) => sum + height + TITLE_px, 0) * FINE;
  const pen = sheet.getContext('2d');
  if (pen === null) throw new Error('this browser draws no pictures');
  pen.scale(FINE, FINE);
  pen.fillStyle = ink.paper;
  pen.fillRect(0, 0, width, sheet.height);
  let y = 0;
  for (const { title, draw, height } of parts) {
    pen.fillStyle = ink.ink;
    pen.font = `13px ${ink.text}`;
    pen.fillText(title, 4, y + TITLE_px - 6);
    const place = document.createElement('div');
    const chart = init(place, null, { renderer: 'canvas', width, height, devicePixelRatio: FINE });
    chart.setOption({ animation: false, ...draw(ink) });
    pen.drawImage(chart.renderToCanvas({ pixelRatio: FINE }), 0, y + TITLE_px, width, height);
    chart.dispose();
    y += TITLE_px + height;
  }
  return new Promise((resolve, reject) => {
    sheet.toBlob((blob) => {
      if (blob === null) reject(new Error('this browser saves no pictures'));
      else resolve(blob);
    }, 'image/png');
  });
}
