import type { LotRow, NewRun, ProtocolRow, RunSheet, SeveralRuns, VesselRow } from '@bent-pail/contract';
import { defaultSettings, findMediaClass, type PackingHabit, type Protocol } from '@bent-pail/core';
import { useIsMutating, useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { amount } from '../shared/units/mine';
import { Await } from '../shared/Await';
import { api } from '../shared/api';
import { BodyForm } from '../shared/forms/BodyForm';
import { ChoiceField, TextField } from '../shared/forms/fields';
import { Mistyped, typedNumber } from '../shared/forms/Mistyped';
import { useBodyForm } from '../shared/forms/useBodyForm';
import { once } from '../shared/once';
import { LotChoice, useFirstLot } from '../shared/lots/LotChoice';
import { protocolOptions } from '../shared/protocolOptions';
import { queryClient } from '../shared/resources/client';
import { protocolsQuery } from '../shared/resources/protocols';
import { vesselsQuery } from '../shared/resources/vessels';
import { MAKING_VESSELS, RunVessels } from './RunVessels';
import { NO_SAMPLE } from './SampleFields';
import { StartDetails } from './StartDetails';
import { sheetsToOpen } from './sheetsToOpen';
import { runListsKey } from '../shared/resources/runs';
import { Button } from '../kit/Button';
import { todayKey } from '../shared/resources/today';
import { Moment } from '../kit/Moment';

interface StartRunProps {
  readonly lotId: string | undefined;
  readonly protocolKey: string | undefined;
}

/** Which lot, by which protocol, how many replicates, in which vessels. */
export function StartRun(props: StartRunProps): ReactElement {
  const { isPending, first } = useFirstLot(props.lotId);
  const vessels = useQuery(vesselsQuery);
  const protocols = useQuery(protocolsQuery);
  if (isPending) return <Moment />;
  return (
    <Await query={vessels}>
      {(allVessels) => (
        <Await query={protocols}>
          {(allProtocols) => (
            <StartForm
              protocolKey={props.protocolKey}
              firstLot={first}
              vessels={allVessels.filter(({ kind, archived }) => kind === 'vessel' && archived !== true)}
              protocols={allProtocols}
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
  { key: 'tapped', words: 'tapped three times' },
  { key: 'firmed', words: 'firmed' },
  { key: 'pressed', words: 'pressed with a load' },
] as const satisfies readonly { key: PackingHabit; words: string }[];

const MOST_GROUPS = 48;

const START = {
  /** Empty for as many as the protocol usually takes. */
  replicates: '',
  /** Times are empty for those that are usual. */
  /** Empty for one: nobody shares the work. */
  groups: '',
  settings: { packingHabit: 'tapped' as PackingHabit, press_gcm2: '10', soak_min: '', drain_min: '' },
  sample: NO_SAMPLE,
};

interface StartFormProps extends Pick<StartRunProps, 'protocolKey'> {
  readonly firstLot: LotRow | undefined;
  readonly vessels: readonly VesselRow[];
  readonly protocols: readonly ProtocolRow[];
}

function StartForm({ protocolKey, firstLot, vessels, protocols }: StartFormProps): ReactElement {
  const navigate = useNavigate();
  const [lot, setLot] = useState(firstLot);
  const isMaking = useIsMutating({ mutationKey: MAKING_VESSELS }) > 0;
  const [others, setOthers] = useState<readonly LotRow[]>([]);
  const [first, setFirst] = useState<string>();
  /** Vessels that somebody ticked; without any they are taken in their order. */
  const [picked, setPicked] = useState<readonly string[]>();
  const chosen = (key: string): Protocol =>
    ((protocols.find(({ protocol }) => protocol.key === key) ?? protocols[0]) as ProtocolRow).protocol;
  const classId = lot?.classId;
  const mediaClass = classId === undefined ? undefined : findMediaClass(classId);
  const vesselsFrom = (protocol: Protocol): readonly VesselRow[] => {
    if (picked !== undefined) return picked.flatMap((id) => vessels.find((vessel) => vessel.id === id) ?? []);
    const from = vessels.findIndex(({ id }) => id === (first ?? firstVessel(vessels, protocol)));
    return vessels.slice(Math.max(0, from));
  };
  const vesselsFor = (protocol: Protocol, count: string): readonly VesselRow[] =>
    picked === undefined ? vesselsFrom(protocol).slice(0, Number(count) || 0) : vesselsFrom(protocol);
  const form = useBodyForm({
    body: 'NewRun',
    start: { ...START, protocol: protocolKey ?? 'saturate-drain-dry' },
    read: ({
      replicates,
      settings: { packingHabit, press_gcm2, soak_min, drain_min },
      sample,
      groups,
      ...typed
    }): Omit<NewRun, 'id'> => {
      const protocol = chosen(typed.protocol);
      const many = typedNumber(groups.trim() === '' ? '1' : groups, 'groups');
      if (!Number.isInteger(many) || many < 1 || many > MOST_GROUPS)
        throw new Mistyped('groups', `Groups are a whole number from 1 to ${String(MOST_GROUPS)}.`);
      const count = replicates.trim() === '' ? String(protocol.replicates.usual) : replicates;
      return {
        lotId: lot?.id ?? '',
        protocol: typed.protocol,
        replicates: typedNumber(count, 'replicates'),
        vesselIds: protocol.usesVessel ? vesselsFor(protocol, count).map(({ id }) => id) : [],
        settings: {
          ...defaultSettings(mediaClass, protocol),
          packingHabit,
          ...(soak_min.trim() === '' ? {} : { soak_min: typedNumber(soak_min, 'settings.soak_min') }),
          ...(drain_min.trim() === '' ? {} : { drain_min: typedNumber(drain_min, 'settings.drain_min') }),
          ...(packingHabit === 'pressed' ? { press_gcm2: typedNumber(press_gcm2, 'settings.press_gcm2') } : {}),
        },
        ...(sample.from === ''
          ? {}
          : {
              sample: {
                ...sample,
                from: sample.from,
                increments: typedNumber(sample.increments, 'sample.increments'),
              },
            }),
      };
    },
    send: (said, { groups }) => {
      const lotIds = [said.lotId, ...others.map(({ id }) => id).filter((id) => id !== said.lotId)];
      const sheets = sheetsToOpen({
        one: said,
        lotIds,
        groups: groups.trim() === '' ? 1 : typedNumber(groups, 'groups'),
        vessels: vesselsFrom(chosen(said.protocol)),
      });
      return openSheets(sheets);
    },
    onKept: async (ids) => {
      await queryClient.invalidateQueries({ queryKey: todayKey });
      await queryClient.invalidateQueries({ queryKey: runListsKey });
      void navigate(ids.length === 1 ? `/bench/runs/${String(ids[0])}` : `/bench/print?runs=${ids.join(',')}`);
    },
  });
  const [key, typedCount, habit, typedGroups] = form.fields.watch([
    'protocol',
    'replicates',
    'settings.packingHabit',
    'groups',
  ]);
  const protocol = chosen(key);
  const usual = defaultSettings(mediaClass, protocol);
  const used = vesselsFor(protocol, typedCount.trim() === '' ? String(protocol.replicates.usual) : typedCount);
  return (
    <BodyForm
      form={form}
      label="Start a run"
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
    >
      <LotChoice label="Lot" chosen={lot} onChoose={setLot} />
      <ChoiceField name="protocol" label="Protocol" options={protocolOptions(protocols)} />
      <TextField
        name="replicates"
        label="Replicates"
        mode="numeric"
        placeholder={String(protocol.replicates.usual)}
        className="w-28"
      />
      {protocol.usesVessel && (
        <>
          <ChoiceField name="settings.packingHabit" label="Packed" options={HABITS} />
          {habit === 'pressed' && (
            <TextField name="settings.press_gcm2" label="Load, g/cm²" mode="decimal" className="w-28" />
          )}
          <RunVessels
            vessels={vessels}
            used={used}
            wanted={Number(typedCount.trim() === '' ? protocol.replicates.usual : typedCount) || 0}
            sheets={(others.length + 1) * Math.max(1, Number(typedGroups) || 1)}
            onFirst={(id) => {
              setPicked(undefined);
              setFirst(id);
            }}
            onPick={setPicked}
          />
        </>
      )}
      <Button type="submit" look="act" disabled={form.isBusy || isMaking || lot === undefined}>
        Open the sheet
      </Button>
      <p className="text-ink2 basis-full text-small">
        {mediaClass?.moistenFirst === true && protocol.usesVessel && (
          <b className="text-ink">
            First moisten it until a squeezed handful just holds, and leave it closed overnight: dry, it sheds
            water.{' '}
          </b>
        )}
        {protocol.plain} Takes {protocol.takes}.{protocol.usesVessel && used.length > 0 ? ` ${inVessels(used)}` : ''}
      </p>
      <StartDetails protocol={protocol} usual={usual} others={others} onOthers={setOthers} />
    </BodyForm>
  );
}

/** Opens the sheets, one by itself or many together, and tells their ids. */
function openSheets(sheets: readonly Omit<NewRun, 'id'>[]): Promise<readonly string[]> {
  return once(['runs', sheets], async (id) => {
    const runs = sheets.map((sheet): NewRun => ({ id: id(), ...sheet }));
    const [only] = runs;
    if (only !== undefined && runs.length === 1) await api.post<RunSheet>('/runs', only);
    else await api.post('/runs/several', { runs } satisfies SeveralRuns);
    return runs.map((run) => run.id);
  });
}

function inVessels(used: readonly VesselRow[]): string {
  const named = used.map(({ name, volume_mL }) =>
    volume_mL === undefined ? name : `${name} (${amount(volume_mL, 'mL', 0)})`,
  );
  return `In ${named.join(', ')}.`;
}
