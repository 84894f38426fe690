import type { ClassPage, LotRow, NewClass as Body, VesselRow } from '@bent-pail/contract';
import { CLASS_LIMITS } from '@bent-pail/contract/choices';
import { LESSONS, pupilSheetCalled } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useState, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../kit/Button';
import { FindAmong } from '../../kit/FindAmong';
import { weekday } from '../../kit/format';
import { CautionStrip } from '../../shared/CautionStrip';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { TextField } from '../../shared/forms/fields';
import { typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { LotChoice, useFirstLot } from '../../shared/lots/LotChoice';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { classesKey, classQuery, lessonsQuery } from '../../shared/resources/classes';
import { vesselsQuery } from '../../shared/resources/vessels';
import { serverNow } from '../../shared/serverClock';
import { amount } from '../../shared/units/mine';
import { useSession } from '../../shared/useSession';
import { Moment } from '../../kit/Moment';

/** A lesson takes this many minutes more with coming in and tidying up. */
const SPARE_MIN = 10;

interface BeginClassProps {
  /** A lesson by its key. */
  readonly lesson: string;
  readonly lotId: string | undefined;
}

/** How many groups, which blind samples, in which pot; then the code stands on the wall. */
export function BeginClass({ lesson, lotId }: BeginClassProps): ReactElement {
  const own = useQuery(lessonsQuery);
  const { isPending, first } = useFirstLot(lotId);
  const vessels = useQuery(vesselsQuery);
  const shipped = LESSONS.find(({ key }) => key === lesson);
  const found = own.data?.find(({ key }) => key === lesson);
  const plan = shipped ?? found;
  if (isPending || (plan === undefined && own.isPending)) return <Moment />;
  if (plan === undefined) return <p className="p-5">There is no such lesson.</p>;
  const sheetKey = typeof plan.sheet === 'string' ? plan.sheet : plan.sheet.key;
  return (
    <BeginForm
      lesson={lesson}
      title={plan.title}
      minutes={plan.minutes}
      says={shipped?.samples.say}
      most={shipped?.samples.most ?? CLASS_LIMITS.samples}
      takesPot={pupilSheetCalled(sheetKey)?.potStep !== undefined}
      chosen={lotId === undefined || first === undefined ? [] : [first]}
      pots={(vessels.data ?? []).filter(({ archived, volume_mL }) => archived !== true && volume_mL !== undefined)}
    />
  );
}

interface BeginFormProps {
  readonly lesson: string;
  readonly title: string;
  readonly minutes: number;
  readonly says: string | undefined;
  readonly most: number;
  readonly takesPot: boolean;
  readonly chosen: readonly LotRow[];
  readonly pots: readonly VesselRow[];
}

function BeginForm({ lesson, title, minutes, says, most, takesPot, chosen, pots }: BeginFormProps): ReactElement {
  const navigate = useNavigate();
  const { notebook } = useSession();
  const [lots, setLots] = useState(chosen);
  const [pot, setPot] = useState('');
  const form = useBodyForm({
    body: 'NewClass',
    start: { name: weekday(serverNow(), notebook.zone), groups: '6', minutes: String(minutes + SPARE_MIN) },
    read: (typed): Omit<Body, 'id'> => ({
      name: typed.name,
      lesson,
      groups: typedNumber(typed.groups, 'groups'),
      minutes: typedNumber(typed.minutes, 'minutes'),
      lotIds: lots.map(({ id }) => id),
      ...(pot === '' ? {} : { vesselId: pot }),
    }),
    send: (said) => once(['class', said], (id) => api.post<ClassPage>('/classes', { id: id(), ...said })),
    onKept: async (page) => {
      queryClient.setQueryData(classQuery(page.id).queryKey, page);
      await queryClient.invalidateQueries({ queryKey: classesKey, refetchType: 'none' });
      void navigate(`/class/${page.id}/wall`);
    },
  });
  return (
    <BodyForm
      form={form}
      label={`Begin: ${title}`}
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <h2 className="basis-full text-lead">{title}</h2>
      {lots.length < most && (
        <LotChoice
          label={lots.length === 0 ? 'Blind sample' : 'Another sample'}
          chosen={undefined}
          onChoose={(lot) => {
            setLots([...lots.filter(({ id }) => id !== lot.id), lot]);
          }}
        />
      )}
      <Samples lots={lots} onLots={setLots} />
      <TextField name="groups" label="Groups" mode="numeric" className="w-24" />
      <TextField name="minutes" label="Ends after, min" mode="numeric" className="w-32" />
      <TextField name="name" label="Called" className="w-56" />
      {takesPot && (
        <FindAmong
          label="Pot that all use"
          value={pot}
          placeholder="name"
          options={[
            { key: '', words: 'they measure their own' },
            ...pots.map(({ id, name, volume_mL = 0 }) => ({ key: id, words: name, note: amount(volume_mL, 'mL', 0) })),
          ]}
          onChange={setPot}
        />
      )}
      <Button type="submit" look="act" disabled={form.isBusy || lots.length === 0}>
        Begin the class
      </Button>
      <div className="basis-full text-small text-ink2">
        {says !== undefined && <p>{says}</p>}
        <p>
          Each lot gets a code of its own: groups see the code, and not what is behind it. A measured pot lets the
          bench’s value be told for its depth, and lets results in as runs later.
        </p>
      </div>
      <div className="basis-full">
        <CautionStrip caution="pupils" />
      </div>
    </BodyForm>
  );
}

interface SamplesProps {
  readonly lots: readonly LotRow[];
  readonly onLots: (lots: readonly LotRow[]) => void;
}

function Samples({ lots, onLots }: SamplesProps): ReactElement | null {
  if (lots.length === 0) return null;
  return (
    <ul aria-label="Samples" className="flex flex-wrap gap-2">
      {lots.map(({ id, name, code }) => (
        <li key={id} className="flex items-center gap-1 border-[1.5px] border-ink bg-zinc1 pl-3">
          {name}, {code}
          <Button
            look="tie"
            className="min-h-11 min-w-11"
            aria-label={`Leave out ${name}, ${code}`}
            onClick={() => {
              onLots(lots.filter((one) => one.id !== id));
            }}
          >
            <X size={18} />
          </Button>
        </li>
      ))}
    </ul>
  );
}
