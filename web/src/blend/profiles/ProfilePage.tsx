import type { ProfileRow } from '@bent-pail/contract';
import { property, type PropertyKey, type Target } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useNavigate, useParams } from 'react-router';
import { amount } from '../../shared/units/mine';
import { fixed } from '../../kit/format';
import { Await } from '../../shared/Await';
import { NotThere } from '../../shared/NotThere';
import { PutAway, WasPutAway } from '../../shared/putAway/PutAway';
import { profilesAwayQuery, profilesQuery } from '../../shared/resources/guides';
import { TitleBlock } from '../../shared/TitleBlock';
import { useWorks } from '../../shared/useSession';
import { EditProfile } from './EditProfile';
import { windowSaid } from './windowSaid';
import { ButtonLink, Button } from '../../kit/Button';
import { Rows } from '../../kit/Rows';

/** One use: what it asks, with its limits and its basis; copied before it is changed. */
export function ProfilePage(): ReactElement {
  const { id } = useParams();
  const query = useQuery(profilesQuery);
  const atHand = query.data?.find((one) => one.id === id);
  const isSought = query.data !== undefined && atHand === undefined;
  const away = useQuery({ ...profilesAwayQuery, enabled: isSought });
  return (
    <Await query={isSought ? away : query}>
      {(profiles) => {
        const profile = atHand ?? profiles.find((one) => one.id === id);
        return profile === undefined ? (
          <NotThere says="There is no such use." on={{ to: '/blend/uses', name: 'All uses' }} />
        ) : (
          <Profile key={id} profile={profile} />
        );
      }}
    </Await>
  );
}

function Profile({ profile }: { readonly profile: ProfileRow }): ReactElement {
  const works = useWorks();
  const goTo = useNavigate();
  const [editing, setEditing] = useState(false);
  const away = {
    address: `/profiles/${profile.id}`,
    queryKey: profilesQuery.queryKey,
    name: profile.label,
    archived: profile.archived === true,
  };
  return (
    <main>
      <TitleBlock
        title={profile.label}
        line={`${profile.basis}. ${profile.notes}`}
        cells={[
          { term: 'Depth', value: amount(profile.container.height_cm, 'cm', 0) },
          { term: 'Whose', value: profile.own === undefined ? 'built in' : `your own, by ${profile.own.by}` },
        ]}
      >
        <ButtonLink to="/blend/uses">All uses</ButtonLink>
        {works && !editing && profile.archived !== true && (
          <Button
            onClick={() => {
              setEditing(true);
            }}
          >
            {profile.own === undefined ? 'Make a copy to change' : 'Change it'}
          </Button>
        )}
        {!editing && profile.own !== undefined && <PutAway {...away} />}
      </TitleBlock>
      <WasPutAway {...away} />
      {editing ? (
        <EditProfile
          profile={profile}
          onDone={(kept) => {
            setEditing(false);
            if (kept !== profile.id) void goTo(kept === undefined ? '/blend/uses' : `/blend/uses/${kept}`);
          }}
        />
      ) : (
        <section aria-label="What it asks" className="max-w-[820px] px-5 pt-3">
          <Windows targets={profile.targets} />
        </section>
      )}
    </main>
  );
}

function Windows({ targets }: { readonly targets: readonly Target[] }): ReactElement {
  return (
    <Rows className="mt-2">
      <thead>
        <tr>
          <th scope="col">Figure</th>
          <th scope="col">ideal</th>
          <th scope="col">tolerates</th>
          <th scope="col">weight</th>
          <td />
        </tr>
      </thead>
      <tbody>
        {targets.map(({ property: key, ideal, limits, weight, must }) => {
          const { label, unit, digits } = property(key as PropertyKey);
          const places = Math.min(2, digits);
          return (
            <tr key={key}>
              <th scope="row">
                {label} <small className="figure">{unit}</small>
              </th>
              <td className="figure">{windowSaid(ideal, places)}</td>
              <td className="figure text-ink2">{windowSaid(limits, places)}</td>
              <td className="figure">{fixed(weight, Number.isInteger(weight) ? 0 : 1)}</td>
              <td>{must === true ? <b>must</b> : ''}</td>
            </tr>
          );
        })}
      </tbody>
    </Rows>
  );
}
