import type { RaterSheet, WarmUpSheet } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { CautionStrip } from '../../shared/CautionStrip';
import { queryClient } from '../../shared/resources/client';
import { sheetQuery } from '../../shared/resources/sittings';
import { MarkFields } from './MarkFields';
import { panelOf } from './SheetMarks';

interface WarmUpProps {
  readonly sheet: RaterSheet;
  readonly warmUp: WarmUpSheet;
  readonly onDone: () => void;
}

/** The sample whose values are known: a mark for each, then what is known beside it. */
export function WarmUp({ sheet, warmUp, onDone }: WarmUpProps): ReactElement {
  const criteria = panelOf(sheet.rubric).filter(({ name }) => warmUp.criteria.includes(name));
  const open = criteria.find(({ name }) => !warmUp.marks.some(({ criterion }) => criterion === name));
  const [value, setValue] = useState<number>();
  const keep = useMutation({
    mutationFn: () => api.put<RaterSheet>(`/sheets/${sheet.scorecardId}/warm-up/${open?.name ?? ''}`, { value }),
    onSuccess: (next) => {
      setValue(undefined);
      queryClient.setQueryData(sheetQuery(sheet.scorecardId).queryKey, next);
    },
  });
  if (open === undefined)
    return (
      <div className="px-3.5 py-3">
        <h2>{warmUp.what}</h2>
        <p className="mt-1 text-head leading-tight font-semibold">{warmUp.said?.sentence}</p>
        <Rows className="mt-3 text-body">
          <thead>
            <tr>
              <th scope="col" className="text-left">
                criterion
              </th>
              <th scope="col">you</th>
              <th scope="col">known</th>
            </tr>
          </thead>
          <tbody>
            {criteria.map(({ name, label }) => (
              <tr key={name}>
                <th scope="row">{label}</th>
                <td className="figure">{said(warmUp.marks, name)}</td>
                <td className="figure">{said(warmUp.known ?? [], name)}</td>
              </tr>
            ))}
          </tbody>
        </Rows>
        <Button look="act" className="mt-4 w-full" onClick={onDone}>
          Go on to sample {sheet.sampleCode}
        </Button>
      </div>
    );
  return (
    <>
      <CautionStrip caution="germs" />
      <MarkFields criterion={open} value={value} onValue={setValue} />
      <div className="sticky bottom-[72px] border-t border-zinc3 bg-enamel px-3.5 py-2.5">
        {keep.error !== null && <Sorry className="mb-2">{sentenceOf(keep.error)}</Sorry>}
        <Button
          look="act"
          className="w-full"
          disabled={value === undefined || keep.isPending}
          onClick={() => {
            keep.mutate();
          }}
        >
          Keep it
        </Button>
        <Button look="tie" className="mt-1 min-h-11" onClick={onDone}>
          Leave the warm-up out
        </Button>
      </div>
    </>
  );
}

function said(marks: readonly { readonly criterion: string; readonly value: number }[], name: string): string {
  const mark = marks.find(({ criterion }) => criterion === name);
  return mark === undefined ? '–' : fixed(mark.value, 1);
}
