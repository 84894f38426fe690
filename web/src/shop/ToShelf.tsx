import type { NewLot, NewPrice, SessionState } from '@bent-pail/contract';
import { useMutation } from '@tanstack/react-query';
import { useRef, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button, ButtonLink } from '../kit/Button';
import { Sorry } from '../kit/Sorry';
import { api, sentenceOf } from '../shared/api';
import { serverNow } from '../shared/serverClock';
import { typedAmount } from '../shared/units/mine';
import { packName } from './shopView';
import { useShop, type ShopPack } from './shopStore';

interface Ids {
  readonly material: string;
  readonly lot: string;
  readonly price: string;
}

/** Puts a pack on the shelf as a product, with what was seen of its price. */
async function putOnShelf(pack: ShopPack, place: number, ids: Ids): Promise<void> {
  const price = typedAmount(pack.price, '');
  const pack_L = typedAmount(pack.pack, 'L');
  const on = new Date(serverNow()).toISOString().slice(0, 10);
  await api.post('/materials', { id: ids.material, name: packName(pack, place), kind: 'product' });
  const lot: NewLot = {
    id: ids.lot,
    materialId: ids.material,
    code: `S-${String(place + 1)}`,
    boughtOn: on,
    ...(pack_L === undefined ? {} : { packVolume_L: pack_L }),
    ...(pack.claims.trim() === '' ? {} : { labelAnalysis: pack.claims.trim().slice(0, 400) }),
  };
  await api.post('/lots', lot);
  if (price === undefined) return;
  const note: NewPrice = {
    id: ids.price,
    lotId: ids.lot,
    kind: pack.kind,
    price,
    on,
    form: pack.form,
    place: `seen on ${pack.seen === 'bag' ? 'the bag' : `a ${pack.seen}`}`,
    ...(pack_L === undefined ? {} : { pack_L }),
  };
  await api.post('/prices', note);
}

/** For somebody who is signed in the packs become products by one press; others are told where to sign in. */
export function ToShelf({ session }: { readonly session: SessionState | undefined }): ReactElement {
  const { notes } = useShop();
  // A try that nobody answered is sent again as the same.
  const ids = useRef<Ids[]>([]);
  const put = useMutation({
    mutationFn: async () => {
      for (const [i, pack] of notes.packs.entries()) {
        const own = (ids.current[i] ??= { material: uuidv7(), lot: uuidv7(), price: uuidv7() });
        if (typedAmount(pack.price, '') !== undefined) await putOnShelf(pack, i, own);
      }
    },
  });
  const role = session?.me?.role;
  if (role !== 'lead' && role !== 'tester')
    return (
      <p className="mt-5 text-small">
        All this stays in this browser.{' '}
        <ButtonLink look="small" to="/">
          Sign in to a notebook
        </ButtonLink>{' '}
        to put the packs on its shelf.
      </p>
    );
  return (
    <p className="mt-5 flex flex-wrap items-center gap-3">
      {put.isSuccess ? (
        <>
          <span role="status">They are on the shelf.</span>
          <ButtonLink to="/score/prices">The price board</ButtonLink>
        </>
      ) : (
        <Button
          look="act"
          disabled={put.isPending}
          onClick={() => {
            put.mutate();
          }}
        >
          Put them on the shelf
        </Button>
      )}
      {put.error !== null && <Sorry>{sentenceOf(put.error)}</Sorry>}
    </p>
  );
}
