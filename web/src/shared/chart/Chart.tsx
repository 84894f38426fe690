import { useEffect, useRef, useState, type ReactElement, type ReactNode } from 'react';
import { Popover } from '../../kit/Popover';
import { useIsDark } from '../theme';
import { readInk } from './ink';
import type { Draw } from './options';
import { SavePicture } from './SavePicture';

interface ChartProps {
  /** Title and unit, in the first line. */
  readonly title: ReactNode;
  /** What the chart says, for those who do not see it. */
  readonly says: string;
  readonly height: number;
  /** A pure function from the page's ink to the library's options; keep it stable between renders. */
  readonly options: Draw;
  /** One of several that are saved as one picture, elsewhere. */
  readonly isStrip?: boolean;
  /** A point with a name was pressed; whoever does not see it presses the same elsewhere. */
  readonly onPick?: (name: string) => void;
}

/** Narrower a picture would be hard to read in a report. */
const LEAST_px = 640;

/** The one owner of chart instances: loads the library when first shown, redraws on new data, size and colours. */
export function Chart({ title, says, height, options, isStrip = false, onPick }: ChartProps): ReactElement {
  const place = useRef<HTMLDivElement>(null);
  const [figure, setFigure] = useState<HTMLElement | null>(null);
  const dark = useIsDark();
  const pick = useRef(onPick);
  useEffect(() => {
    pick.current = onPick;
  });
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
      chart.on('click', ({ name }) => {
        if (name !== '') pick.current?.(name);
      });
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
    <figure ref={setFigure} className="m-0 min-w-0">
      <figcaption className="flex items-start justify-between gap-3 text-small">
        <span>{title}</span>
        {!isStrip && (
          <Popover opener="save" label={`Save as a picture: ${says}`} look="small" className="flex flex-wrap gap-4 p-4">
            <SavePicture
              name="bent-pail-chart"
              parts={() => [
                { title: figure?.querySelector('figcaption span')?.textContent ?? '', draw: options, height },
              ]}
              width={Math.max(LEAST_px, figure?.clientWidth ?? 0)}
            />
          </Popover>
        )}
      </figcaption>
      <div ref={place} role="img" aria-label={says} style={{ height }} />
    </figure>
  );
}
