import { matchProfile, type PropertyKey } from '@bent-pail/core';
import { useMemo, useState, type ReactElement } from 'react';
import { priceSaid } from '../../shared/units/ofProperty';
import { useSession } from '../../shared/useSession';
import type { DeskView } from '../desk/deskView';
import { Narrow } from './Narrow';
import { NearestRecipes } from './NearestRecipes';
import { Substitute } from './Substitute';
import { Choice } from '../../kit/Choice';

interface SearchPanelProps {
  readonly view: DeskView;
  /** Whose spread is explained. */
  readonly asked: PropertyKey;
}

/** Which recipe comes nearest to a use or to a bought product, what could stand in for a lot, what would narrow it. */
export function SearchPanel({ view, asked }: SearchPanelProps): ReactElement {
  const [productId, setProductId] = useState('');
  const product = view.lots.find(({ id }) => id === productId);
  const aim = useMemo(
    () =>
      product?.component === undefined
        ? view.profile
        : matchProfile(product.name, product.component, view.input.container),
    [product, view.profile, view.input.container],
  );
  return (
    <div className="grid *:min-w-0 min-[1181px]:grid-cols-[minmax(0,1fr)_366px] [&_section]:min-w-0 [&_section]:px-4.5 [&_section]:pt-2.5 [&_section]:pb-4 max-[1180px]:[&>*+section]:border-t max-[1180px]:[&>*+section]:border-zinc3 min-[1181px]:[&>*+section]:border-l min-[1181px]:[&>*+section]:border-zinc3">
      <div className="min-w-0">
        <div className="px-5 pt-3">
          <p className="flex flex-wrap items-center gap-2 text-small">
            Aim at
            <Choice
              label="What to aim at"
              look="unseen"
              value={productId}
              options={[
                { key: '', words: view.profile === undefined ? 'the target above' : view.profile.label },
                ...view.lots
                  .filter(({ kind, component }) => kind === 'product' && component !== undefined)
                  .map((lot) => ({ key: lot.id, words: `the like of ${lot.name}` })),
              ]}
              onChange={setProductId}
            />
            {product !== undefined && <ProductPrice view={view} productId={product.id} />}
          </p>
        </div>
        <NearestRecipes key={aim?.label ?? ''} view={view} aim={aim} />
        <Substitute view={view} />
      </div>
      <Narrow bands={view.bands} asked={asked} used={view.used} />
    </div>
  );
}

/** What the product costs by the litre, beside what a litre of this blend does. */
function ProductPrice({ view, productId }: { readonly view: DeskView; readonly productId: string }): ReactElement {
  const { notebook } = useSession();
  const bought = view.lots.find(({ id }) => id === productId)?.component?.component.pricePerL;
  const made = view.result.result.pricePerL;
  const money = (price: number | undefined): string =>
    price === undefined ? 'no price' : priceSaid(price, notebook.currency);
  return (
    <span className="text-ink2">
      bought {money(bought)}; this blend {money(made)}
    </span>
  );
}
