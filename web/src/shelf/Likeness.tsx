import type { LotRow } from '@bent-pail/contract';
import {
  LIKE_MM,
  LIKE_SIZES,
  LIKE_WATERS,
  LIKE_WEIGHTS,
  likenessId,
  likenessOf,
  type Likeness as Like,
  type LikeSize,
} from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Dialog, DialogClose } from '../kit/Dialog';
import { OneOf } from '../kit/OneOf';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { queryClient } from '../shared/resources/client';
import { lotsKey } from '../shared/resources/lots';

const SIZES = {
  dust: 'dust: it sticks to a wet finger',
  sand: 'sand or sugar',
  rice: 'grains of rice',
  pea: 'peas',
  nut: 'hazelnuts or larger',
} as const;
const WEIGHTS = {
  feather: 'hardly anything: foam, dry moss, fluffed peat',
  light: 'little: bark, sawdust, leaves',
  soil: 'like dry soil or compost',
  stone: 'like stone or wet sand',
} as const;
const WATERS = {
  little: 'little: it runs through, the grains stay grains',
  some: 'some: it stays moist for a day',
  much: 'much: squeezed like a sponge it drips',
} as const;

const optionsOf = <K extends string>(keys: readonly K[], words: Readonly<Record<K, string>>) =>
  keys.map((key) => ({ key, words: words[key] }));

const START: Like = { size: 'rice', weight: 'light', water: 'some' };

/** A lot that nobody can name is described by what one sees and feels: it can be mixed, with wide bands. */
export function Likeness({ lot }: { readonly lot: LotRow }): ReactElement {
  const [open, setOpen] = useState(false);
  const [like, setLike] = useState<Like>(() => likenessOf(lot.classId ?? '') ?? START);
  const kept = useMutation({
    mutationFn: () => api.patch<LotRow>(`/lots/${lot.id}`, { version: lot.version, classId: likenessId(like) }),
    onSuccess: async () => {
      await queryClient.invalidateQueries({ queryKey: lotsKey });
      setOpen(false);
    },
  });
  return (
    <Dialog
      opener="Say what it is like"
      title={`What is ${lot.name} like?`}
      line="For stuff that nobody can name. It can be mixed then, with bands as wide as all that is like it; a class, or a run on the bench, narrows them."
      wide
      open={open}
      onOpenChange={setOpen}
    >
      <div className="grid gap-4">
        <div className="flex flex-wrap items-start gap-5">
          <Grains size={like.size} />
          <div className="min-w-0 flex-1">
            <OneOf
              label="Most of its grains are like"
              value={like.size}
              options={optionsOf(LIKE_SIZES, SIZES)}
              onChange={(size) => {
                setLike({ ...like, size });
              }}
            />
          </div>
        </div>
        <OneOf
          label="A dry bucket of it weighs"
          value={like.weight}
          options={optionsOf(LIKE_WEIGHTS, WEIGHTS)}
          onChange={(weight) => {
            setLike({ ...like, weight });
          }}
        />
        <OneOf
          label="Soaked and drained it holds"
          value={like.water}
          options={optionsOf(LIKE_WATERS, WATERS)}
          onChange={(water) => {
            setLike({ ...like, water });
          }}
        />
        {kept.error !== null && <Sorry>{sentenceOf(kept.error)}</Sorry>}
        <p className="flex gap-4">
          <Button
            look="slab"
            disabled={kept.isPending}
            onClick={() => {
              kept.mutate();
            }}
          >
            It is like that
          </Button>
          <DialogClose>Cancel</DialogClose>
        </p>
      </div>
    </Dialog>
  );
}

/** Side of the drawn square, mm and px. */
const SIDE = { mm: 30, px: 132 };
const MOST_GRAINS = 900;

/** Grains of that size at one scale for all, with a bar of a centimetre: one sees what is meant. */
function Grains({ size }: { readonly size: LikeSize }): ReactElement {
  const { from, below } = LIKE_MM[size];
  const mm = (from + below) / 2;
  const px = (mm * SIDE.px) / SIDE.mm;
  const columns = Math.max(1, Math.floor(SIDE.px / px));
  const grains = Array.from({ length: Math.min(MOST_GRAINS, columns * columns) }, (_, i) => i);
  const step = SIDE.px / columns;
  const centimetre = (10 * SIDE.px) / SIDE.mm;
  return (
    <svg
      width={SIDE.px + 4}
      height={SIDE.px + 22}
      viewBox={`-2 -2 ${String(SIDE.px + 4)} ${String(SIDE.px + 22)}`}
      role="img"
      aria-label={`Grains of about ${String(mm)} mm, with a centimetre beside them`}
    >
      {grains.map((i) => (
        <circle
          key={i}
          cx={((i % columns) + 0.5 + 0.18 * Math.sin(7 * i)) * step}
          cy={(Math.floor(i / columns) + 0.5 + 0.18 * Math.cos(5 * i)) * step}
          r={px * 0.42}
          className="fill-zinc2 stroke-ink"
          strokeWidth={px > 4 ? 1 : 0.3}
        />
      ))}
      <path d={`M0 ${String(SIDE.px + 10)}h${String(centimetre)}`} className="stroke-ink" strokeWidth={3} />
      <text x={centimetre + 6} y={SIDE.px + 14} className="fill-ink2 text-note">
        1 cm
      </text>
    </svg>
  );
}
