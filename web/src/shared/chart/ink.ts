/** Colours and patterns of the page, as a canvas needs them. */
export interface ChartInk {
  readonly ink: string;
  readonly ink2: string;
  readonly zinc2: string;
  readonly zinc3: string;
  readonly zinc4: string;
  readonly paper: string;
  readonly waterInk: string;
  readonly water: CanvasPatternLike;
  readonly air: CanvasPatternLike;
  readonly solid: CanvasPatternLike;
  readonly text: string;
  readonly figure: string;
}

/** A repeated picture as a fill. */
export interface CanvasPatternLike {
  readonly image: HTMLCanvasElement;
  readonly repeat: 'repeat';
}

type Draw = (pen: CanvasRenderingContext2D) => void;

function pattern(width: number, height: number, draw: Draw): CanvasPatternLike {
  const image = document.createElement('canvas');
  image.width = width;
  image.height = height;
  const pen = image.getContext('2d');
  if (pen !== null) draw(pen);
  return { image, repeat: 'repeat' };
}

function fill(pen: CanvasRenderingContext2D, colour: string, width: number, height: number): void {
  pen.fillStyle = colour;
  pen.fillRect(0, 0, width, height);
}

/** The page's colours as they are by day or by night: a property alone still says both, what is drawn with it does not. */
function colourReader(element: Element): { readonly colour: (name: string) => string; readonly done: () => void } {
  const probe = element.appendChild(document.createElement('i'));
  probe.hidden = true;
  return {
    colour: (name) => {
      probe.style.color = `var(${name})`;
      return getComputedStyle(probe).color;
    },
    done: () => {
      probe.remove();
    },
  };
}

/** Reads the page's colours and draws the same patterns as the pails have. */
export function readInk(element: Element): ChartInk {
  const styles = getComputedStyle(element);
  const face = (name: string): string => styles.getPropertyValue(name).trim();
  const { colour, done } = colourReader(element);
  const water = pattern(16, 8, (pen) => {
    fill(pen, colour('--water'), 16, 8);
    pen.fillStyle = colour('--water-line');
    pen.fillRect(0, 1, 10, 1.2);
    pen.fillRect(8, 5, 8, 1.2);
  });
  const air = pattern(8, 8, (pen) => {
    fill(pen, colour('--air'), 8, 8);
    pen.fillStyle = colour('--air-dot');
    for (const at of [2, 6]) {
      pen.beginPath();
      pen.arc(at, at, 0.9, 0, 2 * Math.PI);
      pen.fill();
    }
  });
  const solid = pattern(8, 8, (pen) => {
    fill(pen, colour('--solid'), 8, 8);
    pen.strokeStyle = colour('--solid-line');
    pen.lineWidth = 1.3;
    for (const shift of [-8, 0, 8]) {
      pen.beginPath();
      pen.moveTo(shift, 8);
      pen.lineTo(shift + 8, 0);
      pen.stroke();
    }
  });
  const ink = {
    ink: colour('--ink'),
    ink2: colour('--ink-2'),
    zinc2: colour('--zinc-2'),
    zinc3: colour('--zinc-3'),
    zinc4: colour('--zinc-4'),
    paper: colour('--paper'),
    waterInk: colour('--water-ink'),
    water,
    air,
    solid,
    text: face('--face-text'),
    figure: face('--face-figure'),
  };
  done();
  return ink;
}
