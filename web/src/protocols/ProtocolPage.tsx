import type { ProtocolRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactElement } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Await } from '../shared/Await';
import { NotThere } from '../shared/NotThere';
import { protocolsQuery } from '../shared/resources/protocols';
import { TitleBlock } from '../shared/TitleBlock';
import { useMe, useWorks } from '../shared/useSession';
import { CopyProtocol } from './CopyProtocol';
import { ProtocolSteps } from './ProtocolSteps';
import { ButtonLink, Button } from '../kit/Button';

/** One way of measuring: what it takes, its steps, and for the lead a copy with other times, bounds or words. */
export function ProtocolPage(): ReactElement {
  const { key = '' } = useParams();
  const query = useQuery(protocolsQuery);
  return (
    <Await query={query}>
      {(rows) => {
        const row = rows.find(({ protocol }) => protocol.key === key);
        return row === undefined ? (
          <NotThere says="There is no such protocol." on={{ to: '/bench/protocols', name: 'All protocols' }} />
        ) : (
          <One key={key} row={row} />
        );
      }}
    </Await>
  );
}

function One({ row: { protocol, by } }: { readonly row: ProtocolRow }): ReactElement {
  const works = useWorks();
  const { role } = useMe();
  const goTo = useNavigate();
  const [copying, setCopying] = useState(false);
  return (
    <main>
      <TitleBlock
        title={protocol.label}
        line={protocol.plain}
        cells={[
          { term: 'Takes', value: protocol.takes },
          { term: 'Replicates', value: String(protocol.replicates.usual) },
          {
            term: 'Version',
            value:
              by === undefined
                ? String(protocol.version)
                : `Version ${String(protocol.version)}, by ${by}, from ${protocol.copiedFrom ?? ''}`,
          },
        ]}
      >
        <ButtonLink to="/bench/protocols">All protocols</ButtonLink>
        {role === 'lead' && !copying && (
          <Button
            onClick={() => {
              setCopying(true);
            }}
          >
            {by === undefined ? 'Make our own copy' : 'Change it'}
          </Button>
        )}
        {works && (
          <ButtonLink look="act" to={`/bench?start&protocol=${protocol.key}`}>
            Start a run
          </ButtonLink>
        )}
      </TitleBlock>
      <div className="px-5 py-4">
        {copying ? (
          <CopyProtocol
            base={protocol}
            own={by !== undefined}
            onKept={(kept) => {
              setCopying(false);
              void goTo(`/bench/protocols/${kept}`);
            }}
            onLeave={() => {
              setCopying(false);
            }}
          />
        ) : (
          <ProtocolSteps protocol={protocol} />
        )}
      </div>
    </main>
  );
}
