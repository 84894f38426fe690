import type { ChartInk } from './ink';
import { TITLE_px, type DrawnPart } from './parts';

const inXml = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;');

const single = (fonts: string): string => fonts.replaceAll('"', "'");

/** Charts below each other as one SVG, each under its title, in the ink that was read of a page. */
export async function svgOf(parts: readonly DrawnPart[], width: number, read: ChartInk): Promise<string> {
  const { init } = await import('./svgEngine');
  // A name in double quotes would end the attribute that it stands in.
  const ink = { ...read, text: single(read.text), figure: single(read.figure) };
  let y = 0;
  const drawn = parts.map(({ title, draw, height }) => {
    const chart = init(null, null, { renderer: 'svg', ssr: true, width, height });
    chart.setOption({ animation: false, ...draw(ink) });
    const svg = chart.renderToSVGString();
    chart.dispose();
    const at = y;
    y += TITLE_px + height;
    return `<text x="4" y="${String(at + TITLE_px - 6)}" font-family="sans-serif" font-size="13" fill="${inXml(read.ink)}">${inXml(title)}</text><svg y="${String(at + TITLE_px)}" ${svg.slice(svg.indexOf('<svg') + 4)}`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${String(width)}" height="${String(y)}" viewBox="0 0 ${String(width)} ${String(y)}"><rect width="100%" height="100%" fill="${inXml(read.paper)}"/>${drawn.join('')}</svg>\n`;
}
