import type { GrowthSaid, ScorecardPage } from '@bent-pail/contract';
import { GROWTH_TAGS, SIGN_NAMES, type Growth, type GrowthTag } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { fixed } from '../../kit/format';
import { Rows } from '../../kit/Rows';
import { api } from '../../shared/api';
import { BodyForm } from '../../shared/forms/BodyForm';
import { SeveralField, TextField } from '../../shared/forms/fields';
import { typedNumber } from '../../shared/forms/Mistyped';
import { useBodyForm } from '../../shared/forms/useBodyForm';
import { useWorks } from '../../shared/useSession';
import { keptCard } from './keptCard';

const TAGS = Object.keys(GROWTH_TAGS) as readonly GrowthTag[];

interface GrowingProps {
  readonly cardId: string;
  readonly growth: Growth | undefined;
}

/** What was sown in it, species by species at the same ages, and what was seen. */
export function Growing({ cardId, growth }: GrowingProps): ReactElement {
  const works = useWorks();
  const [open, setOpen] = useState(false);
  const weeks = [...new Set((growth?.species ?? []).flatMap((one) => one.weeks.map(({ week }) => week)))].sort(
    (a, b) => a - b,
  );
  return (
    <section aria-label="What grew in it" className="mt-6">
      <h2>What grew in it</h2>
      {growth === undefined ? (
        <p className="text-small text-ink2">
          Sow the same seed on the same day in each medium, and look at all of them at the same ages: week 2, 4 and 6.
        </p>
      ) : (
        <>
          <Rows className="mt-1 text-body">
            <thead>
              <tr>
                <th scope="col" className="text-left">
                  Sown
                </th>
                {weeks.map((week) => (
                  <th key={week} scope="col">
                    week {week}
                  </th>
                ))}
                <th scope="col">of 10</th>
              </tr>
            </thead>
            <tbody>
              {growth.species.map(({ species, weeks: seen, value }) => (
                <tr key={species}>
                  <th scope="row">{species}</th>
                  {weeks.map((week) => {
                    const at = seen.find((one) => one.week === week);
                    return (
                      <td key={week}>
                        <span className="figure">{at === undefined ? '' : fixed(at.value, 1)}</span>
                        {at !== undefined && at.tags.length > 0 && (
                          <small className="block">{at.tags.map((tag) => SIGN_NAMES[tag]).join(', ')}</small>
                        )}
                      </td>
                    );
                  })}
                  <td className="figure text-lead">{fixed(value, 1)}</td>
                </tr>
              ))}
            </tbody>
          </Rows>
          <p className="mt-1 text-small">{growth.sentence}</p>
        </>
      )}
      {works && !open && (
        <Button
          look="small"
          className="mt-1"
          onClick={() => {
            setOpen(true);
          }}
        >
          Note how it grows
        </Button>
      )}
      {open && (
        <GrowthForm
          cardId={cardId}
          onDone={() => {
            setOpen(false);
          }}
        />
      )}
    </section>
  );
}

function GrowthForm({ cardId, onDone }: { readonly cardId: string; readonly onDone: () => void }): ReactElement {
  const form = useBodyForm({
    body: 'GrowthSaid',
    start: { species: '', week: '', value: '', tags: [] as string[] },
    read: ({ species, week, value, tags }): GrowthSaid => ({
      species,
      week: typedNumber(week, 'week'),
      value: typedNumber(value, 'value'),
      tags: TAGS.filter((tag) => tags.includes(tag)),
    }),
    send: (said) => api.put<ScorecardPage>(`/scorecards/${cardId}/growth`, said),
    onKept: async (page) => {
      await keptCard(page);
      form.fields.setValue('value', '');
      form.fields.setValue('tags', []);
    },
  });
  return (
    <BodyForm form={form} label="Note how it grows" className="mt-2 flex flex-wrap items-end gap-3">
      <TextField name="species" label="Sown" placeholder="lettuce" className="w-36" />
      <TextField name="week" label="Week" mode="numeric" className="w-20" />
      <TextField name="value" label="0 to 10 in halves" mode="decimal" className="w-36" />
      <SeveralField
        name="tags"
        label="Seen"
        options={TAGS.map((tag) => ({ key: tag, words: `${SIGN_NAMES[tag]} (${GROWTH_TAGS[tag]})` }))}
      />
      <span className="flex gap-3">
        <Button type="submit" disabled={form.isBusy}>
          Keep it
        </Button>
        <Button look="tie" onClick={onDone}>
          Done
        </Button>
      </span>
    </BodyForm>
  );
}
