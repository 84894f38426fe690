import type { ClaimsPage, LotCardPage } from '@bent-pail/contract';
import { CLAIM_SOURCES } from '@bent-pail/contract/choices';
import { INTEREST_WORDS, INTERESTS, PRODUCT_KINDS, productKind, silences } from '@bent-pail/core';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { LongField } from '../../kit/LongField';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../../shared/api';
import { forgetDraft, keepDraft, readDraft } from '../../shared/forms/drafts';
import { once } from '../../shared/once';
import { queryClient } from '../../shared/resources/client';
import { claimsKey, claimsQuery } from '../../shared/resources/claims';
import { scorecardsKey } from '../../shared/resources/scores';
import { Album } from '../../shared/photos/Album';
import { useMe, useWorks } from '../../shared/useSession';
import { ClaimLine } from './ClaimLine';
import { Silences } from './Silences';
import { bodyOf, draftOf, withRead, type SheetDraft } from './sheetDraft';

const SOURCE_WORDS = {
  label: 'its label',
  page: 'the supplier’s page',
  leaflet: 'a leaflet',
  said: 'what was said',
} as const;

interface ClaimsSheetProps {
  readonly page: ClaimsPage;
  readonly lot: LotCardPage;
}

/** The sheet as it is written: the words of the label beside the claims that they make. */
export function ClaimsSheet({ page, lot }: ClaimsSheetProps): ReactElement {
  const works = useWorks();
  const whose = useMe().id;
  const version = page.sheet?.version ?? 0;
  const place = `claims ${page.lotId} ${String(version)}`;
  const [draft, setDraft] = useState<SheetDraft>(() => readDraft(whose, place, { ...draftOf(page) }) ?? draftOf(page));
  const [isTouched, setTouched] = useState(false);
  const change = (next: Partial<SheetDraft>): void => {
    setDraft({ ...draft, ...next });
    setTouched(true);
  };
  useEffect(() => {
    if (isTouched) keepDraft(whose, place, draft);
  }, [isTouched, whose, place, draft]);
  const keep = useMutation({
    mutationFn: () => {
      const said = bodyOf(draft, version);
      return once(['claims', page.lotId, said], (id) =>
        api.post<ClaimsPage>(`/lots/${page.lotId}/claims`, { id: id(), ...said }),
      );
    },
    onSuccess: async (next) => {
      forgetDraft(whose, place);
      queryClient.setQueryData(claimsQuery(page.lotId).queryKey, next);
      await queryClient.invalidateQueries({ queryKey: claimsKey, exact: true });
      await queryClient.invalidateQueries({ queryKey: scorecardsKey });
    },
  });
  const kind = productKind(draft.productKind);
  const answered = new Set(draft.answers.filter(({ said }) => said.trim() !== '').map(({ key }) => key));
  const silent = kind === undefined ? [] : silences(kind, draft.text, answered);
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-4 min-[1000px]:grid-cols-[minmax(0,1fr)_minmax(0,1.6fr)]">
        <section aria-label="Its words" className="flex flex-col gap-3">
          <span className="flex flex-wrap gap-3">
            <Choice
              label="What it is"
              value={draft.productKind}
              options={PRODUCT_KINDS.map(({ key, label }) => ({ key, words: label }))}
              onChange={(key) => {
                change({ productKind: key });
              }}
            />
            <Choice
              label="Where it says so"
              value={draft.source}
              options={CLAIM_SOURCES.map((key) => ({ key, words: SOURCE_WORDS[key] }))}
              onChange={(source) => {
                change({ source });
              }}
            />
          </span>
          <LongField
            label="Its words, footnotes and small print with them"
            value={draft.text}
            rows={10}
            placeholder={'Feeds for up to 6 months*\n50 L\n* at 18 °C'}
            onChange={(text) => {
              change({ text });
            }}
          />
          {works && (
            <Button
              className="self-start"
              disabled={draft.text.trim() === ''}
              onClick={() => {
                setDraft(withRead(draft));
                setTouched(true);
              }}
            >
              Read the claims out of it
            </Button>
          )}
          <Album of="lots" id={page.lotId} label="A photo of its label or bag; it shows" />
          <Changed page={page} text={draft.text} />
          <span className="flex flex-wrap items-end gap-3">
            <Choice
              label="Who has an interest in it"
              value={draft.interest}
              unchosen="say which, none too"
              options={INTERESTS.map((key) => ({ key, words: INTEREST_WORDS[key] }))}
              onChange={(interest) => {
                change({ interest });
              }}
            />
            <Field
              label="More of that"
              value={draft.interestWords}
              placeholder="two bags sent by the maker"
              onChange={(interestWords) => {
                change({ interestWords });
              }}
              className="min-w-40 flex-1"
            />
          </span>
        </section>
        <section aria-label="Its claims">
          <h2>
            What it claims <small>a claim is judged by what was found, and keeps its reason</small>
          </h2>
          {draft.claims.length === 0 && (
            <p className="mt-2 text-small text-ink2">
              Paste its words and read the claims out of them, or write one yourself.
            </p>
          )}
          <ol>
            {draft.claims.map((claim) => (
              <ClaimLine
                key={claim.place}
                claim={claim}
                lotId={page.lotId}
                card={lot.card}
                pack_L={lot.lot.packVolume_L}
                onClaim={(next) => {
                  change({ claims: draft.claims.map((one) => (one.place === claim.place ? next : one)) });
                }}
                onRemove={() => {
                  change({ claims: draft.claims.filter((one) => one.place !== claim.place) });
                }}
              />
            ))}
          </ol>
          {works && (
            <Button
              look="small"
              className="mt-2"
              onClick={() => {
                const next = Math.max(0, ...draft.claims.map(({ place: at }) => at + 1));
                const empty = { footnote: '', comparedWith: '', verdict: '', evidence: '', because: '' } as const;
                change({ claims: [...draft.claims, { place: next, text: '', kind: 'ingredient', ...empty }] });
              }}
            >
              Write one more
            </Button>
          )}
        </section>
      </div>
      <Silences
        silent={silent}
        draft={draft}
        name={`${page.name}, ${page.code}`}
        onAnswers={(answers) => {
          change({ answers });
        }}
      />
      {works && (
        <div className="sticky bottom-[72px] flex items-center gap-4 border-t-[1.5px] border-ink bg-enamel px-5 py-3">
          <Button
            look="act"
            disabled={keep.isPending}
            onClick={() => {
              keep.mutate();
            }}
          >
            Keep this sheet
          </Button>
          {keep.error !== null && <Sorry>{sentenceOf(keep.error)}</Sorry>}
        </div>
      )}
    </>
  );
}

/** What the label of another lot of the same product said and this one does not, and the other way. */
function Changed({ page: { other }, text }: { readonly page: ClaimsPage; readonly text: string }): ReactElement | null {
  if (other === undefined || text.trim() === '' || other.text.trim() === '') return null;
  const lines = (of: string): string[] =>
    of
      .split('\n')
      .map((line) => line.trim())
      .filter((line) => line !== '');
  const gone = lines(other.text).filter((line) => !lines(text).includes(line));
  const fresh = lines(text).filter((line) => !lines(other.text).includes(line));
  if (gone.length === 0 && fresh.length === 0)
    return <p className="text-small text-ink2">The label says what lot {other.code}’s says.</p>;
  return (
    <div className="text-small" role="note" aria-label={`Beside lot ${other.code}`}>
      <b>Its words have changed since lot {other.code}:</b>
      {gone.map((line) => (
        <p key={line}>
          no longer: <s>{line}</s>
        </p>
      ))}
      {fresh.map((line) => (
        <p key={line}>
          new: <b>{line}</b>
        </p>
      ))}
    </div>
  );
}
