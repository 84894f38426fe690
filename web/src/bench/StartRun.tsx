import type { LotRow, NewRun, RunSheet, UserRow, VesselRow } from '@bent-pail/contract';
import { defaultSettings, findMediaClass, PROTOCOL_GROUPS, PROTOCOLS, type PackingHabit } from '@bent-pail/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState, type SubmitEvent, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { Await } from '../shared/Await';
import { api, sentenceOf } from '../shared/api';
import { fixed } from '../shared/format';
import { lotsQuery, queryClient, usersQuery, vesselsQuery } from '../shared/queries';

interface StartRunProps {
  readonly lotId: string | undefined;
  readonly protocolKey: string | undefined;
}

/** Which lot, by which protocol, how many replicates, in which vessels. */
export function StartRun(props: StartRunProps): ReactElement {
  const lots = useQuery(lotsQuery);
  const vessels = useQuery(vesselsQuery);
  const users = useQuery(usersQuery);
  return (
    <Await query={lots}>
      {(allLots) => (
        <Await query={vessels}>
          {(allVessels) => (
            <StartForm
              {...props}
              lots={allLots}
              vessels={allVessels.filter((vessel) => vessel.kind === 'vessel')}
              students={(users.data ?? []).filter((user) => user.role === 'student')}
            />
          )}
        </Await>
      )}
    </Await>
  );
}

/** Rings for the suction table are the shallowest there are; all else begins with the first vessel. */
function firstVessel(vessels: readonly VesselRow[], protocolKey: string): string | undefined {
  if (protocolKey !== 'suction-table') return vessels[0]?.id;
  return [...vessels].sort((a, b) => (a.height_cm ?? Infinity) - (b.height_cm ?? Infinity))[0]?.id;
}

interface StartFormProps extends StartRunProps {
  readonly lots: readonly LotRow[];
  readonly vessels: readonly VesselRow[];
  readonly students: readonly UserRow[];
}

function StartForm({ lotId, protocolKey, lots, vessels, students }: StartFormProps): ReactElement {
  const navigate = useNavigate();
  const [lot, setLot] = useState(lotId ?? lots[0]?.id ?? '');
  const [key, setKey] = useState(protocolKey ?? 'saturate-drain-dry');
  const [typedCount, setCount] = useState<string>();
  const [habit, setHabit] = useState<PackingHabit>('tapped');
  const [student, setStudent] = useState('');
  const protocol = PROTOCOLS.find((one) => one.key === key) ?? PROTOCOLS[0];
  const count = typedCount ?? String(protocol?.replicates.usual ?? 3);
  const [first, setFirst] = useState<string>();
  const from = Math.max(
    0,
    vessels.findIndex((vessel) => vessel.id === (first ?? firstVessel(vessels, key))),
  );
  const used = vessels.slice(from, from + (Number(count) || 0));
  const start = useMutation({
    mutationFn: (body: NewRun) => api.post<RunSheet>('/runs', body),
    onSuccess: async (sheet) => {
      await queryClient.invalidateQueries({ queryKey: ['today'] });
      void navigate(`/bench/runs/${sheet.id}`);
    },
  });
  const submit = (event: SubmitEvent): void => {
    event.preventDefault();
    const chosen = lots.find((one) => one.id === lot);
    const replicates = Number(count);
    const settings = defaultSettings(chosen?.classId === undefined ? undefined : findMediaClass(chosen.classId));
    start.mutate({
      id: uuidv7(),
      lotId: lot,
      protocol: key,
      replicates,
      vesselIds: protocol?.usesVessel === true ? used.map((vessel) => vessel.id) : [],
      settings: { ...settings, packingHabit: habit },
      ...(student === '' ? {} : { studentId: student }),
    });
  };
  return (
    <form
      className="flex flex-wrap items-end gap-4 border-b-[3px] border-ink bg-paper px-5 py-4"
      onSubmit={submit}
      aria-label="Start a run"
    >
      <label className="field">
        <span>Lot</span>
        <select
          value={lot}
          onChange={(event) => {
            setLot(event.target.value);
          }}
        >
          {lots.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}, {one.code}
            </option>
          ))}
        </select>
      </label>
      <label className="field">
        <span>Protocol</span>
        <select
          value={key}
          onChange={(event) => {
            setKey(event.target.value);
          }}
        >
          {PROTOCOL_GROUPS.map((group) => (
            <optgroup key={group.label} label={group.label}>
              {group.protocols.map((one) => (
                <option key={one.key} value={one.key}>
                  {one.label}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
      </label>
      <label className="field w-28">
        <span>Replicates</span>
        <input
          className="f"
          inputMode="numeric"
          value={count}
          onChange={(event) => {
            setCount(event.target.value);
          }}
        />
      </label>
      <label className="field">
        <span>Packed</span>
        <select
          value={habit}
          onChange={(event) => {
            setHabit(event.target.value as PackingHabit);
          }}
        >
          <option value="loose">loose</option>
          <option value="tapped">tapped: dropped three times from 5 cm</option>
          <option value="firmed">firmed</option>
        </select>
      </label>
      {protocol?.usesVessel === true && (
        <label className="field">
          <span>Vessels, from</span>
          <select
            value={vessels[from]?.id ?? ''}
            onChange={(event) => {
              setFirst(event.target.value);
            }}
          >
            {vessels.map((vessel) => (
              <option key={vessel.id} value={vessel.id}>
                {vessel.name}
                {vessel.height_cm === undefined ? '' : `, ${String(vessel.height_cm)} cm`}
              </option>
            ))}
          </select>
        </label>
      )}
      {students.length > 0 && (
        <label className="field">
          <span>Entered by</span>
          <select
            value={student}
            onChange={(event) => {
              setStudent(event.target.value);
            }}
          >
            <option value="">us</option>
            {students.map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
      )}
      <button type="submit" className="act" disabled={start.isPending || lot === ''}>
        Open the sheet
      </button>
      <p className="q basis-full text-[14px]">
        {protocol?.plain} Takes {protocol?.takes}.
        {protocol?.usesVessel === true && used.length > 0
          ? ` In ${used.map((vessel) => `${vessel.name}${vessel.volume_mL === undefined ? '' : ` (${fixed(vessel.volume_mL, 0)} mL)`}`).join(', ')}.`
          : ''}
      </p>
      {start.error !== null && (
        <p className="sorry basis-full" role="alert">
          {sentenceOf(start.error)}
        </p>
      )}
    </form>
  );
}
