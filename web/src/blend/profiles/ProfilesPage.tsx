import type { ProfileRow } from '@bent-pail/contract';
import { property, type PropertyKey, type Target } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Await } from '../../shared/Await';
import { fixed } from '../../shared/format';
import { profilesQuery } from '../../shared/queries';
import { TitleBlock } from '../../shared/TitleBlock';
import { useWorks } from '../../shared/useSession';
import '../blend.css';
import { EditProfile } from './EditProfile';

/** Every use and what it asks of a medium: shipped ones to begin with, and the notebook's own. */
export function ProfilesPage(): ReactElement {
  const query = useQuery(profilesQuery);
  return (
    <main>
      <TitleBlock
        title="Uses"
        line="What a use asks of a medium in its pot. Guidance to begin with; copy one and make it yours."
      >
        <Link className="alt" to="/blend/plants">
          The plants
        </Link>
      </TitleBlock>
      <Await query={query}>{(profiles) => <Profiles profiles={profiles} />}</Await>
    </main>
  );
}

function Profiles({ profiles }: { readonly profiles: readonly ProfileRow[] }): ReactElement {
  const works = useWorks();
  const [chosen, setChosen] = useState<string>();
  const [editing, setEditing] = useState(false);
  const profile = profiles.find(({ id }) => id === chosen) ?? profiles[0];
  if (profile === undefined) return <p className="q p-5">No use yet.</p>;
  return (
    <div className="plants">
      <nav aria-label="Uses">
        <ul>
          {profiles.map((one) => (
            <li key={one.id}>
              <button
                type="button"
                aria-pressed={one.id === profile.id}
                onClick={() => {
                  setChosen(one.id);
                  setEditing(false);
                }}
              >
                <b>{one.label}</b>
                <small>
                  {one.own === undefined ? 'shipped' : `your own, by ${one.own.by}`};{' '}
                  {fixed(one.container.height_cm, 0)} cm deep
                </small>
              </button>
            </li>
          ))}
        </ul>
      </nav>
      {editing ? (
        <EditProfile
          key={profile.id}
          profile={profile}
          onDone={(id) => {
            if (id !== undefined) setChosen(id);
            setEditing(false);
          }}
        />
      ) : (
        <section aria-label="What it asks">
          <h2>{profile.label}</h2>
          <Windows targets={profile.targets} />
          <p className="q mt-2 text-small">
            {profile.basis}. {profile.notes}
          </p>
          {works && (
            <button
              type="button"
              className="alt mt-3"
              onClick={() => {
                setEditing(true);
              }}
            >
              {profile.own === undefined ? 'Make a copy to change' : 'Change it'}
            </button>
          )}
        </section>
      )}
    </div>
  );
}

const endSaid = (end: number | null, digits: number): string => (end === null ? 'open' : fixed(end, digits));

function Windows({ targets }: { readonly targets: readonly Target[] }): ReactElement {
  return (
    <table className="rows mt-2">
      <thead>
        <tr>
          <th scope="col">Figure</th>
          <th scope="col">ideal</th>
          <th scope="col">bears</th>
          <th scope="col">weight</th>
          <th scope="col" />
        </tr>
      </thead>
      <tbody>
        {targets.map(({ property: key, ideal, limits, weight, must }) => {
          const { label, unit, digits } = property(key as PropertyKey);
          const places = Math.min(2, digits);
          return (
            <tr key={key}>
              <th scope="row">
                {label} <small className="f">{unit}</small>
              </th>
              <td className="f">{ideal.map((end) => endSaid(end, places)).join('–')}</td>
              <td className="f q">{limits.map((end) => endSaid(end, places)).join('–')}</td>
              <td className="f">{fixed(weight, Number.isInteger(weight) ? 0 : 1)}</td>
              <td>{must === true ? <b>must</b> : ''}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
