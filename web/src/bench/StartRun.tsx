import type { LotRow, NewRun, ProtocolRow, RunSheet, UserRow, VesselRow } from '@bent-pail/contract';
import { defaultSettings, findMediaClass, type PackingHabit, type Protocol } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { Await } from '../shared/Await';
import { api, sentenceOf } from '../shared/api';
import { once } from '../shared/once';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { FindAmong } from '../kit/FindAmong';
import { LotChoice, useFirstLot } from '../shared/lots/LotChoice';
import { fixed } from '../kit/format';
import { numberOf } from '../shared/numberOf';
import { protocolOptions } from '../shared/protocolOptions';
import { queryClient } from '../shared/resources/client';
import { activeUsersQuery } from '../shared/resources/people';
import { protocolsQuery } from '../shared/resources/protocols';
import { vesselsQuery } from '../shared/resources/vessels';
import { NO_SAMPLE, SampleFields, type TypedSample } from './SampleFields';
import { Button } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { todayKey } from '../shared/resources/today';

interface StartRunProps {
  readonly lotId: string | undefined;
  readonly protocolKey: string | undefined;
}

/** Which lot, by which protocol, how many replicates, in which vessels. */
export function StartRun(props: StartRunProps): ReactElement {
  const { isPending, first } = useFirstLot(props.lotId);
  const vessels = useQuery(vesselsQuery);
  const protocols = useQuery(protocolsQuery);
  const users = useQuery(activeUsersQuery);
  if (isPending) return <p className="text-ink2 p-5">One moment.</p>;
  return (
    <Await query={vessels}>
      {(allVessels) => (
        <Await query={protocols}>
          {(allProtocols) => (
            <StartForm
              protocolKey={props.protocolKey}
              firstLot={first}
              vessels={allVessels.filter((vessel) => vessel.kind === 'vessel')}
              protocols={allProtocols}
              students={(users.data ?? []).filter((user) => user.role === 'student')}
            />
          )}
        </Await>
      )}
    </Await>
  );
}

/** Rings for the suction table are the shallowest there are; all else begins with the first vessel. */
function firstVessel(vessels: readonly VesselRow[], protocol: Protocol): string | undefined {
  if ((protocol.copiedFrom ?? protocol.key) !== 'suction-table') return vessels[0]?.id;
  return [...vessels].sort((a, b) => (a.height_cm ?? Infinity) - (b.height_cm ?? Infinity))[0]?.id;
}

const HABITS = [
  { key: 'loose', words: 'loose' },
  { key: 'tapped', words: 'tapped: dropped three times from 5 cm' },
  { key: 'firmed', words: 'firmed' },
  { key: 'pressed', words: 'pressed with a load' },
] as const satisfies readonly { key: PackingHabit; words: string }[];

interface StartFormProps extends Pick<StartRunProps, 'protocolKey'> {
  readonly firstLot: LotRow | undefined;
  readonly vessels: readonly VesselRow[];
  readonly protocols: readonly ProtocolRow[];
  readonly students: readonly UserRow[];
}

function StartForm({ protocolKey, firstLot, vessels, protocols, students }: StartFormProps): ReactElement {
  const navigate = useNavigate();
  const [lot, setLot] = useState(firstLot);
  const [key, setKey] = useState(protocolKey ?? 'saturate-drain-dry');
  const [typedCount, setCount] = useState<string>();
  const [habit, setHabit] = useState<PackingHabit>('tapped');
  const [sample, setSample] = useState<TypedSample>(NO_SAMPLE);
  const [load, setLoad] = useState('10');
  const [student, setStudent] = useState('');
  const [first, setFirst] = useState<string>();
  const { protocol } = (protocols.find((one) => one.protocol.key === key) ?? protocols[0]) as ProtocolRow;
  const count = typedCount ?? String(protocol.replicates.usual);
  const from = Math.max(
    0,
    vessels.findIndex((vessel) => vessel.id === (first ?? firstVessel(vessels, protocol))),
  );
  const used = vessels.slice(from, from + (Number(count) || 0));
  const classId = lot?.classId;
  const mediaClass = classId === undefined ? undefined : findMediaClass(classId);
  const shedsWater = mediaClass?.moistenFirst === true;
  const settings = defaultSettings(mediaClass, protocol);
  const start = useMutation({
    mutationFn: () => {
      const said: Omit<NewRun, 'id'> = {
        lotId: lot?.id ?? '',
        protocol: key,
        replicates: numberOf(count, 'Replicates'),
        vesselIds: protocol.usesVessel ? used.map((vessel) => vessel.id) : [],
        settings: {
          ...settings,
          packingHabit: habit,
          ...(habit === 'pressed' ? { press_gcm2: numberOf(load, 'Load') } : {}),
        },
        ...(sample.from === ''
          ? {}
          : { sample: { ...sample, from: sample.from, increments: numberOf(sample.increments, 'Increments') } }),
        ...(student === '' ? {} : { studentId: student }),
      };
      return once(['run', said], (id) => api.post<RunSheet>('/runs', { id: id(), ...said }));
    },
    onSuccess: async (sheet) => {
      await queryClient.invalidateQueries({ queryKey: todayKey });
      void navigate(`/bench/runs/${sheet.id}`);
    },
  });
  return (
    <form
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
      aria-label="Start a run"
      onSubmit={(event: SubmitEvent) => {
        event.preventDefault();
        start.mutate();
      }}
    >
      <LotChoice label="Lot" chosen={lot} onChoose={setLot} />
      <Choice label="Protocol" value={key} options={protocolOptions(protocols)} onChange={setKey} />
      <Field label="Replicates" mode="numeric" value={count} onChange={setCount} className="w-28" />
      {protocol.usesVessel && (
        <>
          <Choice label="Packed" value={habit} options={HABITS} onChange={setHabit} />
          {habit === 'pressed' && (
            <Field label="Load, g/cm²" mode="decimal" value={load} onChange={setLoad} className="w-28" />
          )}
          <FindAmong
            label="Vessels, from"
            value={vessels[from]?.id ?? ''}
            placeholder="name, depth"
            options={vessels.map(({ id, name, height_cm }) => ({
              key: id,
              words: height_cm === undefined ? name : `${name}, ${String(height_cm)} cm`,
            }))}
            onChange={setFirst}
          />
        </>
      )}
      {students.length > 0 && (
        <FindAmong
          label="Entered by"
          value={student}
          placeholder="name"
          options={[{ key: '', words: 'us' }, ...students.map(({ id, name }) => ({ key: id, words: name }))]}
          onChange={setStudent}
        />
      )}
      <Button type="submit" look="act" disabled={start.isPending || lot === undefined}>
        Open the sheet
      </Button>
      <SampleFields sample={sample} onChange={setSample} />
      <p className="text-ink2 basis-full text-small">
        {shedsWater && protocol.usesVessel && (
          <b className="text-ink">
            First moisten it until a squeezed handful just holds, and leave it closed overnight: dry, it sheds
            water.{' '}
          </b>
        )}
        {protocol.plain} Takes {protocol.takes}.{protocol.usesVessel && used.length > 0 ? ` ${inVessels(used)}` : ''}
      </p>
      {start.error !== null && <Sorry className="basis-full">{sentenceOf(start.error)}</Sorry>}
    </form>
  );
}

function inVessels(used: readonly VesselRow[]): string {
  const named = used.map(({ name, volume_mL }) =>
    volume_mL === undefined ? name : `${name} (${fixed(volume_mL, 0)} mL)`,
  );
  return `In ${named.join(', ')}.`;
}
