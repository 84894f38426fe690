import {
  CLAIM_KIND_WORDS,
  CLAIM_KINDS,
  CLAIM_VERDICT_WORDS,
  CLAIM_VERDICTS,
  EVIDENCE,
  EVIDENCE_WORDS,
  findingsFor,
  proposeVerdict,
  type Claim,
  type ClaimVerdict,
  type LotCard,
} from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { told } from '../../shared/units/mine';
import { useWorks } from '../../shared/useSession';
import type { DraftClaim } from './sheetDraft';

interface ClaimFieldsProps {
  readonly claim: DraftClaim;
  readonly lotId: string;
  readonly card: LotCard;
  readonly pack_L: number | undefined;
  readonly onClaim: (claim: DraftClaim) => void;
  readonly onRemove: () => void;
}

const KINDS = CLAIM_KINDS.map((key) => ({ key, words: CLAIM_KIND_WORDS[key] }));
const VERDICTS = [
  { key: '' as const, words: 'not judged yet' },
  ...CLAIM_VERDICTS.map((key) => ({ key, words: CLAIM_VERDICT_WORDS[key] })),
];
const RESTS_ON = [
  { key: '' as const, words: 'not said' },
  ...EVIDENCE.map((key) => ({ key, words: EVIDENCE_WORDS[key] })),
];

/** A claim that is judged stands in a line; its fields open to be changed. */
export function ClaimLine(props: ClaimFieldsProps): ReactElement {
  const { claim } = props;
  const works = useWorks();
  const [open, setOpen] = useState(claim.verdict === '');
  if (open) return <ClaimFields {...props} />;
  const { text, footnote, comparedWith, verdict, evidence, because } = claim;
  return (
    <li className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-t-[1.5px] border-ink py-3">
      <span className="min-w-56 flex-1">
        <b>“{text}”</b>
        {footnote !== '' && <small className="block">small print: {footnote}</small>}
        {comparedWith !== '' && <small className="block">compared with {comparedWith}</small>}
        {because !== '' && <span className="block text-small">{told(because)}</span>}
      </span>
      <span className="w-44">
        <Verdict says={verdict} />
        {evidence !== '' && <small className="block">{EVIDENCE_WORDS[evidence]}</small>}
      </span>
      {works && (
        <Button
          look="small"
          aria-label={`Change: ${text}`}
          onClick={() => {
            setOpen(true);
          }}
        >
          change
        </Button>
      )}
    </li>
  );
}

/** Told apart by weight, not by colour: filled where it does not stand. */
const LOOK: Readonly<Record<ClaimVerdict, string>> = {
  supported: 'border-ink bg-zinc2',
  notSupported: 'border-ink bg-slab text-inverse',
  misleading: 'border-ink bg-slab text-inverse',
  cannotTest: 'border-ink border-dashed',
};

function Verdict({ says }: { readonly says: ClaimVerdict | '' }): ReactElement {
  if (says === '') return <span className="text-ink2 text-small">not judged yet</span>;
  return (
    <span className={`inline-block rounded-[2px] border-[1.5px] px-1.5 text-small font-semibold ${LOOK[says]}`}>
      {CLAIM_VERDICT_WORDS[says]}
    </span>
  );
}

/** One claim: its words, its footnote, what the bench found of it, and the verdict with its reason. */
function ClaimFields({ claim, lotId, card, pack_L, onClaim, onRemove }: ClaimFieldsProps): ReactElement {
  const works = useWorks();
  const change = (next: Partial<DraftClaim>): void => {
    onClaim({ ...claim, ...next });
  };
  const said: Claim = {
    text: claim.text,
    kind: claim.kind,
    ...(claim.footnote === '' ? {} : { footnote: claim.footnote }),
  };
  const findings = findingsFor(said, card, pack_L);
  const proposed = proposeVerdict(said, findings);
  const isTaken = proposed !== undefined && proposed.verdict === claim.verdict && proposed.because === claim.because;
  return (
    <li className="flex flex-col gap-2 border-t-[1.5px] border-ink py-3">
      <span className="flex flex-wrap items-end gap-3">
        <Field
          label="Claim"
          value={claim.text}
          onChange={(text) => {
            change({ text });
          }}
          className="min-w-56 flex-1"
        />
        <Choice
          label="Kind"
          value={claim.kind}
          options={KINDS}
          onChange={(kind) => {
            change({ kind });
          }}
        />
      </span>
      <span className="flex flex-wrap items-end gap-3">
        <Field
          label="Footnote, small print"
          value={claim.footnote}
          onChange={(footnote) => {
            change({ footnote });
          }}
          className="min-w-40 flex-1"
        />
        <Field
          label="Compared with"
          value={claim.comparedWith}
          placeholder={claim.kind === 'performance' ? 'not said' : ''}
          onChange={(comparedWith) => {
            change({ comparedWith });
          }}
          className="min-w-40 flex-1"
        />
      </span>
      {findings.map(({ property, sentence, evidence }) => (
        <p key={property} className="text-small">
          <b>The bench:</b> {told(sentence)}{' '}
          <Link to={`/shelf/lots/${lotId}`}>
            <small>{EVIDENCE_WORDS[evidence]}</small>
          </Link>
        </p>
      ))}
      {proposed !== undefined && !isTaken && works && (
        <p className="text-small">
          {findings.length === 0 && told(proposed.because)}{' '}
          <Button
            look="small"
            onClick={() => {
              change({ verdict: proposed.verdict, because: proposed.because, evidence: proposed.evidence ?? '' });
            }}
          >
            Take it: {CLAIM_VERDICT_WORDS[proposed.verdict]}
          </Button>
        </p>
      )}
      <span className="flex flex-wrap items-end gap-3">
        <Choice
          label="Verdict"
          value={claim.verdict}
          options={VERDICTS}
          onChange={(verdict) => {
            change({ verdict });
          }}
        />
        <Choice
          label="It rests on"
          value={claim.evidence}
          options={RESTS_ON}
          onChange={(evidence) => {
            change({ evidence });
          }}
        />
        <Field
          label="Why"
          value={claim.because}
          onChange={(because) => {
            change({ because });
          }}
          className="min-w-48 flex-1"
        />
        {works && (
          <Button look="small" aria-label={`take out: ${claim.text}`} onClick={onRemove}>
            take out
          </Button>
        )}
      </span>
    </li>
  );
}
