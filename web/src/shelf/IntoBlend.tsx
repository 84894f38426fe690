import type { LotRow } from '@bent-pail/contract';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { ButtonLink } from '../kit/Button';
import { Popover } from '../kit/Popover';
import { isAlone, NEW, useDrafts, type BlendDraft } from '../shared/blends/draftStore';
import { lotsQuery } from '../shared/resources/lots';

const lotIdsOf = ({ recipe }: BlendDraft): string[] => recipe.lines.flatMap(({ lotId }) => lotId ?? []);

/** Puts a lot into a blend, and says into which: what is being composed, or a new one. */
export function IntoBlend({ lot }: { readonly lot: LotRow }): ReactElement {
  const navigate = useNavigate();
  const drafts = useDrafts((state) => state.drafts);
  const drop = useDrafts((state) => state.drop);
  const open = Object.entries(drafts).filter(([key, { recipe }]) => recipe.lines.length > 0 && !isAlone(key));
  const ids = [...new Set(open.flatMap(([, draft]) => lotIdsOf(draft)))];
  const { data } = useQuery({ ...lotsQuery({ ids: ids.join(',') }), enabled: ids.length > 0 });
  const address = `/blend/desk?lot=${lot.id}`;
  if (open.length === 0)
    return (
      <ButtonLink look="act" to={address}>
        Put into a new blend
      </ButtonLink>
    );
  const named = (draft: BlendDraft): string =>
    (data?.rows ?? [])
      .filter(({ id }) => lotIdsOf(draft).includes(id))
      .map(({ name }) => name)
      .join(', ');
  return (
    <Popover opener="Put into a blend" look="act" className="w-96 p-2">
      <ul>
        {open.map(([key, draft]) => (
          <Into
            key={key}
            words={
              key === NEW
                ? `Into the one on the desk${draft.name === '' ? '' : `, ${draft.name}`}`
                : `Into ${draft.name}`
            }
            note={named(draft)}
            onPress={() => {
              void navigate(key === NEW ? address : `/blend/${key}?lot=${lot.id}`);
            }}
          />
        ))}
        <Into
          words="Into a new one"
          note={drafts[NEW] === undefined ? '' : 'the desk is emptied first'}
          onPress={() => {
            drop(NEW);
            void navigate(address);
          }}
        />
      </ul>
    </Popover>
  );
}

interface IntoProps {
  readonly words: string;
  readonly note: string;
  readonly onPress: () => void;
}

function Into({ words, note, onPress }: IntoProps): ReactElement {
  return (
    <li className="border-b border-zinc2 last:border-b-0">
      <button type="button" className="min-h-11 w-full px-2 py-1.5 text-left hover:bg-zinc1" onClick={onPress}>
        {words}
        {note !== '' && <small className="block truncate text-ink2">{note}</small>}
      </button>
    </li>
  );
}
