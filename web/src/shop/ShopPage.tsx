import { VERDICT_USES, VERDICT_USE_WORDS } from '@bent-pail/core';
import { useQuery } from '@tanstack/react-query';
import type { ReactElement } from 'react';
import { Link } from 'react-router';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Sorry } from '../kit/Sorry';
import { undoable } from '../kit/toasts';
import { Toasts } from '../kit/Toasts';
import { sessionQuery } from '../shared/resources/client';
import { useThemeOnPage } from '../shared/theme';
import { TitleBlock } from '../shared/TitleBlock';
import { useFocusBack } from '../shared/useFocusBack';
import { MeasureField } from '../shared/units/MeasureField';
import { BuyOneFirst } from './BuyOneFirst';
import { PackCard } from './PackCard';
import { ShopSays } from './ShopSays';
import { MOST_PACKS, useShop } from './shopStore';
import { shopVerdict } from './shopView';
import { ToShelf } from './ToShelf';

/** In the shop with a phone and no account: which of a few packs to take, and what to ask before. */
export function ShopPage(): ReactElement {
  useThemeOnPage();
  useFocusBack();
  const session = useQuery(sessionQuery);
  const { notes, note, another, anew } = useShop();
  const verdict = shopVerdict(notes);
  return (
    <main className="pb-10">
      <TitleBlock title="In the shop" line={<Link to="/">The notebook</Link>}>
        <Button
          onClick={() => {
            const before = notes;
            anew();
            undoable('The desk is empty again.', () => {
              note(before);
            });
          }}
        >
          Begin anew
        </Button>
      </TitleBlock>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-8 px-5 py-4 min-[900px]:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div className="flex flex-col gap-5">
          <div className="flex flex-wrap items-end gap-3">
            <Choice
              label="What for"
              value={notes.use}
              options={VERDICT_USES.map((key) => ({ key, words: VERDICT_USE_WORDS[key] }))}
              onChange={(use) => {
                note({ use });
              }}
            />
            <MeasureField
              label="Wanted, loose"
              kept="L"
              value={notes.need}
              onChange={(need) => {
                note({ need });
              }}
              className="w-36"
            />
            <MeasureField
              label="If you make it, a litre costs"
              kept="per L"
              value={notes.made}
              onChange={(made) => {
                note({ made });
              }}
              className="w-56"
            />
          </div>
          {notes.packs.map((pack, i) => (
            <PackCard key={i} pack={pack} place={i} />
          ))}
          {notes.packs.length < MOST_PACKS && (
            <Button className="self-start" onClick={another}>
              A pack more
            </Button>
          )}
        </div>
        <div>
          {verdict === undefined && (
            <p className="max-w-[40ch] text-head leading-tight font-semibold">
              Type what two packs cost and what they say that they hold: the rest stands here.
            </p>
          )}
          {typeof verdict === 'string' && <Sorry>{verdict}</Sorry>}
          {verdict !== undefined && typeof verdict !== 'string' && <ShopSays verdict={verdict} notes={notes} />}
          <BuyOneFirst />
          <ToShelf session={session.data} />
        </div>
      </div>
      <Toasts />
    </main>
  );
}
