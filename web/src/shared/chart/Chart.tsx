import { useEffect, useRef, type ReactElement, type ReactNode } from 'react';
import { useIsDark } from '../theme';
import { readInk } from './ink';
import type { Draw } from './options';

interface ChartProps {
  /** Title and unit, in the first line. */
  readonly title: ReactNode;
  /** What the chart says, for those who do not see it. */
  readonly says: string;
  readonly height: number;
  /** A pure function from the page's ink to the library's options; keep it stable between renders. */
  readonly options: Draw;
}

/** The one owner of chart instances: loads the library when first shown, redraws on new data, size and colours. */
export function Chart({ title, says, height, options }: ChartProps): ReactElement {
  const place = useRef<HTMLDivElement>(null);
  const dark = useIsDark();
  useEffect(() => {
    const element = place.current;
    if (element === null) return;
    let stop: (() => void) | undefined;
    let left = false;
    void import('./engine').then(async ({ init }) => {
      await document.fonts.ready;
      if (left) return;
      const chart = init(element, null, { renderer: 'canvas' });
      chart.setOption({ animation: false, ...options(readInk(element)) });
      const observer = new ResizeObserver(() => {
        chart.resize();
      });
      observer.observe(element);
      stop = () => {
        observer.disconnect();
        chart.dispose();
      };
    });
    return () => {
      left = true;
      stop?.();
    };
  }, [options, dark]);
  return (
    <figure className="m-0 min-w-0">
      <figcaption className="text-small">{title}</figcaption>
      <div ref={place} role="img" aria-label={says} style={{ height }} />
    </figure>
  );
}
