import { findDosedClass, mediaClassLabel, readName } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Field } from '../kit/Field';
import { LongField } from '../kit/LongField';
import { Notice } from '../kit/Notice';
import { MeasureField } from '../shared/units/MeasureField';
import { formNamed, packName } from './shopView';
import { useShop, type ShopPack } from './shopStore';

const KINDS = [
  { key: 'paid', words: 'at the till' },
  { key: 'list', words: 'list price' },
  { key: 'offer', words: 'on offer' },
  { key: 'delivered', words: 'delivered' },
] as const;

const FORMS = [
  { key: 'loose', words: 'loose' },
  { key: 'compressed', words: 'compressed' },
  { key: 'block', words: 'a block' },
] as const;

const SEEN = [
  { key: 'bag', words: 'the bag itself' },
  { key: 'page', words: 'a page' },
  { key: 'photo', words: 'a photo' },
] as const;

/** One pack as it is printed. */
export function PackCard({ pack, place }: { readonly pack: ShopPack; readonly place: number }): ReactElement {
  const { notes, pack: change, without } = useShop();
  const read = pack.name.trim() === '' ? undefined : readName(pack.name).preset;
  const named = formNamed(pack.name);
  return (
    <fieldset className="flex flex-col gap-2 border-t-[3px] border-ink pt-2">
      <legend className="sr-only">{packName(pack, place)}</legend>
      <Field
        label={`Pack ${String(place + 1)}, its name`}
        value={pack.name}
        placeholder="as it is printed"
        onChange={(name) => {
          change(place, { name });
        }}
      />
      {read !== undefined && (
        <p className="text-small text-ink2">
          Read as <b>{mediaClassLabel(read.classId) ?? findDosedClass(read.classId)?.label}</b>: {read.reason}.
        </p>
      )}
      {named !== undefined && named !== pack.form && (
        <Notice className="flex flex-wrap items-center gap-3 p-2">
          Its name says {named === 'block' ? 'a block, which swells' : 'compressed'}: as loose litres it would look far
          too dear.
          <Button
            look="small"
            onClick={() => {
              change(place, { form: named });
            }}
          >
            It is {named === 'block' ? 'a block' : 'compressed'}
          </Button>
        </Notice>
      )}
      <div className="grid grid-cols-2 gap-2">
        <Field
          label="Price of one"
          mode="decimal"
          value={pack.price}
          onChange={(price) => {
            change(place, { price });
          }}
        />
        <MeasureField
          label="On the label"
          kept="L"
          value={pack.pack}
          onChange={(next) => {
            change(place, { pack: next });
          }}
        />
        <Choice
          label="That price is"
          value={pack.kind}
          options={KINDS}
          onChange={(kind) => {
            change(place, { kind });
          }}
        />
        <Choice
          label="It lies"
          value={pack.form}
          options={FORMS}
          onChange={(form) => {
            change(place, { form });
          }}
        />
        <Choice
          label="Seen"
          value={pack.seen}
          options={SEEN}
          onChange={(seen) => {
            change(place, { seen });
          }}
        />
      </div>
      <LongField
        label="What it claims, asterisks too"
        rows={2}
        value={pack.claims}
        onChange={(claims) => {
          change(place, { claims });
        }}
      />
      {notes.packs.length > 1 && (
        <Button
          look="small"
          className="self-start"
          onClick={() => {
            without(place);
          }}
        >
          Take it away
        </Button>
      )}
    </fieldset>
  );
}
