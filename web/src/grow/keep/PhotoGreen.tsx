import { darkGreen } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState, type PointerEvent, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { fixed } from '../../kit/format';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { queryClient } from '../../shared/resources/client';
import type { DayCell } from './dayState';
import { meanOfPatch, type Patch } from './patch';

interface PhotoGreenProps {
  readonly trialId: string;
  readonly cell: DayCell;
  readonly onValue: (value: number) => void;
}

/** A photo of more is drawn smaller: the mean of a patch needs no more. */
const WIDEST_px = 900;

/** The green of a patch that is marked in a photo; the photo goes into the trial's album. */
export function PhotoGreen({ trialId, cell, onValue }: PhotoGreenProps): ReactElement {
  const input = useRef<HTMLInputElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [file, setFile] = useState<File>();
  const [from, setFrom] = useState<readonly [number, number]>();
  const [patch, setPatch] = useState<Patch>();
  const [index, setIndex] = useState<number>();
  const draw = useMutation({
    mutationFn: async (chosen: File) => {
      const picture = await createImageBitmap(chosen);
      const place = canvas.current;
      if (place === null) return;
      place.width = Math.min(WIDEST_px, picture.width);
      place.height = Math.round((place.width * picture.height) / picture.width);
      place.getContext('2d', { willReadFrequently: true })?.drawImage(picture, 0, 0, place.width, place.height);
      setFile(chosen);
      setPatch(undefined);
      setIndex(undefined);
    },
  });
  const keep = useMutation({
    mutationFn: async (value: number) => {
      if (file !== undefined) {
        const caption = encodeURIComponent(`Plot ${String(cell.plot.number)}, green ${fixed(value, 2)}`);
        await api.putFile(`/trials/${trialId}/photos/${uuidv7()}?caption=${caption}`, file);
        void queryClient.invalidateQueries({ queryKey: ['album', 'trials', trialId] });
      }
      onValue(value);
    },
  });
  const at = (event: PointerEvent<HTMLCanvasElement>): readonly [number, number] => {
    const box = event.currentTarget.getBoundingClientRect();
    const within = (share: number): number => Math.min(1, Math.max(0, share));
    return [within((event.clientX - box.left) / box.width), within((event.clientY - box.top) / box.height)];
  };
  const mark = (event: PointerEvent<HTMLCanvasElement>): void => {
    if (from === undefined) return;
    const [[x0, y0], [x1, y1]] = [from, at(event)];
    const next = { x: Math.min(x0, x1), y: Math.min(y0, y1), width: Math.abs(x1 - x0), height: Math.abs(y1 - y0) };
    setPatch(next);
    const mean = meanOfPatch(event.currentTarget, next);
    setIndex(mean === undefined ? undefined : darkGreen(mean).index);
  };
  const error = draw.error ?? keep.error;
  return (
    <div className="flex flex-col items-start gap-2">
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        aria-label="Photo of the leaves"
        className="hidden"
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          if (chosen !== undefined) draw.mutate(chosen);
          event.target.value = '';
        }}
      />
      <Button
        className="min-h-12"
        onClick={() => {
          input.current?.click();
        }}
      >
        From a photo
      </Button>
      <div className={file === undefined ? 'hidden' : 'relative w-full max-w-lg'}>
        <canvas
          ref={canvas}
          className="w-full touch-none border-[1.5px] border-ink"
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            setFrom(at(event));
          }}
          onPointerMove={mark}
          onPointerUp={() => {
            setFrom(undefined);
          }}
        />
        {patch !== undefined && <Frame patch={patch} />}
      </div>
      {file !== undefined && (
        <p role="status">
          {index === undefined
            ? 'Draw a frame over a patch of leaves, with nothing else in it.'
            : `The patch: ${fixed(index, 2)}. Compare only photos taken in the same light.`}
        </p>
      )}
      {index !== undefined && (
        <Button
          look="act"
          disabled={keep.isPending}
          onClick={() => {
            keep.mutate(Number(index.toFixed(3)));
          }}
        >
          Keep {fixed(index, 2)}
        </Button>
      )}
      {error !== null && <Sorry>{sentenceOf(error)}</Sorry>}
    </div>
  );
}

const percent = (share: number): string => `${String(100 * share)}%`;

/** The frame over the picture, in shares of it. */
const Frame = ({ patch: { x, y, width, height } }: { readonly patch: Patch }): ReactElement => (
  <span
    aria-hidden
    className="pointer-events-none absolute border-2 border-white outline-1 outline-ink"
    style={{ left: percent(x), top: percent(y), width: percent(width), height: percent(height) }}
  />
);
