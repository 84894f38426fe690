import type { PotResultRow } from '@bent-pail/contract';
import type { WatchedPot } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Field } from '../kit/Field';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { queryClient } from '../shared/resources/client';
import { potResultsQuery } from '../shared/resources/potResults';
import { useWorks } from '../shared/useSession';
import { potSentence } from './told';
import type { Variant } from './variants';

interface KeepResultProps {
  readonly variants: readonly Variant[];
  readonly pots: readonly WatchedPot[];
  /** Sentences of what was worked out of them besides. */
  readonly besides: readonly string[];
  /** That asks all of it again. */
  readonly address: string;
}

/** Keeps what was asked, of which versions, and what came of it. */
export function KeepResult({ variants, pots, besides, address }: KeepResultProps): ReactElement | null {
  const works = useWorks();
  const [name, setName] = useState('');
  const keep = useMutation({
    mutationFn: () => {
      const said = {
        name: name.trim(),
        address,
        media: [...new Set(variants.map(({ medium }) => `${medium.name}, ${medium.small}`))],
        said: [
          ...variants.map(({ label, setup }, i) => `${label}: ${potSentence(setup, pots[i] as WatchedPot)}`),
          ...besides,
        ],
      };
      return once(['pot-result', said], (id) => api.post<PotResultRow[]>('/pot-results', { id: id(), ...said }));
    },
    onSuccess: (rows) => {
      queryClient.setQueryData(potResultsQuery.queryKey, rows);
      setName('');
    },
  });
  if (!works) return null;
  return (
    <form
      aria-label="Keep this"
      className="flex flex-wrap items-end gap-3 border-t border-zinc3 px-5 py-3 print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() !== '') keep.mutate();
      }}
    >
      <Field label="Keep this as" value={name} onChange={setName} placeholder="stones in the tub" className="w-72" />
      <Button type="submit" look="slab" disabled={keep.isPending || name.trim() === ''}>
        Keep it
      </Button>
      {keep.error !== null && <Sorry className="basis-full">{sentenceOf(keep.error)}</Sorry>}
    </form>
  );
}
