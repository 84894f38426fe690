import type { ProtocolRow } from '@bent-pail/contract';
import { PROTOCOL_GROUPS, type Protocol } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Await } from '../shared/Await';
import { protocolsQuery } from '../shared/queries';
import { TitleBlock } from '../shared/TitleBlock';
import { useMe, useWorks } from '../shared/useSession';
import { CopyProtocol } from './CopyProtocol';
import './protocols.css';
import { ProtocolSteps } from './ProtocolSteps';

/** Every way of measuring: what it takes, its steps, and for the lead a copy with other times, bounds or words. */
export function ProtocolsPage(): ReactElement {
  const query = useQuery(protocolsQuery);
  return (
    <main>
      <TitleBlock
        title="Protocols"
        line="How each thing is measured, step by step. A run keeps the version that it was made by."
      />
      <Await query={query}>{(rows) => <Protocols rows={rows} />}</Await>
    </main>
  );
}

interface Chosen {
  readonly key: string;
  readonly copying: boolean;
}

function Protocols({ rows }: { readonly rows: readonly ProtocolRow[] }): ReactElement {
  const [chosen, setChosen] = useState<Chosen>({ key: 'saturate-drain-dry', copying: false });
  const own = rows.filter((row) => row.by !== undefined);
  const row = rows.find((one) => one.protocol.key === chosen.key) ?? rows[0];
  const list = (label: string, protocols: readonly Protocol[]): ReactElement => (
    <section key={label} aria-label={label}>
      <h2>{label}</h2>
      <ul>
        {protocols.map(({ key, label: name }) => (
          <li key={key}>
            <button
              type="button"
              aria-pressed={key === chosen.key}
              onClick={() => {
                setChosen({ key, copying: false });
              }}
            >
              {name}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
  return (
    <div className="protocols">
      <nav aria-label="Protocols">
        {own.length > 0 &&
          list(
            'Our own',
            own.map((one) => one.protocol),
          )}
        {PROTOCOL_GROUPS.map(({ label, protocols }) => list(label, protocols))}
      </nav>
      {row !== undefined && (
        <One
          key={row.protocol.key}
          row={row}
          copying={chosen.copying}
          onCopying={(copying) => {
            setChosen({ ...chosen, copying });
          }}
          onKept={(key) => {
            setChosen({ key, copying: false });
          }}
        />
      )}
    </div>
  );
}

interface OneProps {
  readonly row: ProtocolRow;
  readonly copying: boolean;
  readonly onCopying: (copying: boolean) => void;
  readonly onKept: (key: string) => void;
}

function One({ row: { protocol, by }, copying, onCopying, onKept }: OneProps): ReactElement {
  const works = useWorks();
  const { role } = useMe();
  if (copying) {
    return (
      <CopyProtocol
        base={protocol}
        own={by !== undefined}
        onKept={onKept}
        onLeave={() => {
          onCopying(false);
        }}
      />
    );
  }
  return (
    <section aria-label={protocol.label}>
      <header className="flex flex-wrap items-start gap-3">
        <div className="flex-1">
          <h2 className="text-lead">{protocol.label}</h2>
          <p>{protocol.plain}</p>
          <p className="q">
            Takes {protocol.takes}. Usually {protocol.replicates.usual}{' '}
            {protocol.replicates.usual === 1 ? 'replicate' : 'replicates'}. Version {protocol.version}
            {by === undefined ? '' : `, by ${by}, from ${protocol.copiedFrom ?? ''}`}.
          </p>
        </div>
        {works && (
          <Link className="act" to={`/bench?start&protocol=${protocol.key}`}>
            Start a run
          </Link>
        )}
        {role === 'lead' && (
          <button
            type="button"
            className="alt"
            onClick={() => {
              onCopying(true);
            }}
          >
            {by === undefined ? 'Make our own copy' : 'Change it'}
          </button>
        )}
      </header>
      <ProtocolSteps protocol={protocol} />
    </section>
  );
}
