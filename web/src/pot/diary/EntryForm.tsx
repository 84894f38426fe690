import type { FilledPotPage, PotEntryKind } from '@bent-pail/contract';
import { POT_ENTRY_KINDS } from '@bent-pail/contract/choices';
import { useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Field } from '../../kit/Field';
import { Sorry } from '../../kit/Sorry';
import { sentenceOf } from '../../shared/api';
import { CautionStrip } from '../../shared/CautionStrip';
import { keepLine } from '../../shared/outbox/keep';
import { serverNow } from '../../shared/serverClock';
import { useMe, useSession } from '../../shared/useSession';
import { emptyDraft, readEntry, type EntryDraft, type Said } from './entryDraft';
import { EntryFields } from './EntryFields';
import { ENTRY_CAUTIONS, ENTRY_WORDS } from './words';

const KINDS = POT_ENTRY_KINDS.map((key) => ({ key, words: ENTRY_WORDS[key] }));

interface EntryFormProps {
  readonly pot: FilledPotPage;
}

/** A line for the diary: one press for a watering now, few for anything else. What is typed waits for the server. */
export function EntryForm({ pot }: EntryFormProps): ReactElement {
  const { notebook } = useSession();
  const { id: userId } = useMe();
  const [draft, setDraft] = useState<EntryDraft>(() => emptyDraft('weighed'));
  const [sorry, setSorry] = useState<string>();
  const set = (change: Partial<EntryDraft>): void => {
    setDraft((before) => ({ ...before, ...change }));
  };
  const keep = (said: Said): void => {
    setSorry(undefined);
    keepLine(userId, pot.id, { id: uuidv7(), ...said }).catch((error: unknown) => {
      setSorry(sentenceOf(error));
    });
  };
  const send = (): void => {
    const said = readEntry(draft, { now_ms: serverNow(), zone: notebook.zone, shape: pot.shape });
    if (typeof said === 'string') {
      setSorry(said);
      return;
    }
    keep(said);
    setDraft(emptyDraft(draft.kind));
  };
  const caution = ENTRY_CAUTIONS[draft.kind];
  return (
    <form
      aria-label="A line for the diary"
      className="flex flex-wrap items-end gap-3 border-b border-zinc3 px-5 py-3 print:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        send();
      }}
    >
      <Button
        look="act"
        onClick={() => {
          keep({ at: new Date(serverNow()).toISOString(), kind: 'watered' });
        }}
      >
        Watered now, until it ran
      </Button>
      <Choice<PotEntryKind>
        label="Or"
        value={draft.kind}
        options={KINDS}
        onChange={(kind) => {
          setDraft(({ words, when }) => ({ ...emptyDraft(kind), words, when }));
        }}
        className="w-44"
      />
      <EntryFields pot={pot} draft={draft} set={set} />
      <Field
        label="Words"
        value={draft.words}
        onChange={(words) => {
          set({ words });
        }}
        placeholder="what was seen or given"
        className="w-64"
      />
      <Field
        label="When"
        value={draft.when}
        onChange={(when) => {
          set({ when });
        }}
        placeholder="now"
        className="w-36"
      />
      <Button type="submit" look="slab">
        Add the line
      </Button>
      {caution !== undefined && (
        <div className="basis-full">
          <CautionStrip key={caution} caution={caution} />
        </div>
      )}
      {sorry !== undefined && <Sorry className="basis-full">{sorry}</Sorry>}
    </form>
  );
}
