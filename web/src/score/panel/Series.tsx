import { Sideways } from '../../kit/Sideways';
import type { PanelPage } from '@bent-pail/contract';
import { meanOf } from '@bent-pail/core';
import { useState, type ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { fixed } from '../../kit/format';

const HEIGHT = 200;
const TOP = 12;
const BOTTOM = 150;
const LEFT = 30;
/** Room for one sample: more where there are few, so that the drawing fills its line. */
const ROOM = Object.freeze({ least: 74, most: 150, all: 1100 });

/** Signs that tell raters apart without colour. */
const SIGNS = ['circle', 'square', 'ring', 'diamond', 'cross', 'bar'] as const;
type Sign = (typeof SIGNS)[number];

/** Every mark of the series, sample by sample: where raters part, and who stands alone. */
export function Series({ page }: { readonly page: PanelPage }): ReactElement | null {
  const criteria = [...new Set(page.items.map(({ criterion }) => criterion))].sort();
  const [criterion, setCriterion] = useState(criteria[0] ?? '');
  const items = page.items.filter((item) => item.criterion === criterion);
  const raters = page.raters.filter((_, j) => items.some(({ marks }) => typeof marks[j] === 'number'));
  const step = Math.max(ROOM.least, Math.min(ROOM.most, ROOM.all / Math.max(1, items.length)));
  const width = LEFT + step * items.length + 20;
  const y = (mark: number): number => TOP + ((10 - mark) / 10) * (BOTTOM - TOP);
  const x = (i: number): number => LEFT + step * (i + 0.5);
  const signOf = (rater: string): Sign => SIGNS[raters.findIndex(({ id }) => id === rater) % SIGNS.length] ?? 'circle';
  return (
    <section aria-label="Every mark" className="mt-6 px-5 pb-4">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h2>
          Every mark <small>0 to 10 up, samples across as they were judged; the line is their mean</small>
        </h2>
        <Choice
          label="Of"
          look="beside"
          value={criterion}
          options={criteria.map((key) => ({ key, words: key }))}
          onChange={setCriterion}
        />
      </div>
      <Sideways label="Marks from sitting to sitting">
        <svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`${criterion}: ${items.map(({ sample, marks }) => `${sample} ${marks.map((mark) => (mark === null ? 'none' : fixed(mark, 1))).join(', ')}`).join('; ')}`}
        >
          {[0, 5, 10].map((mark) => (
            <g key={mark}>
              <path d={`M${String(LEFT)} ${String(y(mark))}H${String(width)}`} stroke="var(--zinc-3)" />
              <text x={LEFT - 6} y={y(mark) + 4} textAnchor="end" fontSize={12} className="figure" fill="var(--ink-2)">
                {mark}
              </text>
            </g>
          ))}
          {items.map(({ cardId, sample, marks }, i) => {
            const given = marks.filter((mark) => mark !== null);
            return (
              <g key={cardId}>
                {given.length > 0 && (
                  <path
                    d={`M${String(x(i) - 22)} ${String(y(meanOf(given)))}H${String(x(i) + 22)}`}
                    stroke="var(--ink)"
                    strokeWidth={2}
                  />
                )}
                {page.raters.map(({ id }, j) => {
                  const mark = marks[j];
                  const at = raters.findIndex((rater) => rater.id === id);
                  if (mark === null || mark === undefined || at < 0) return null;
                  // Side by side, so that equal marks do not hide each other.
                  const aside = (at - (raters.length - 1) / 2) * (36 / Math.max(1, raters.length));
                  return <Mark key={id} sign={signOf(id)} x={x(i) + aside} y={y(mark)} />;
                })}
                <text x={x(i)} y={BOTTOM + 18} textAnchor="middle" fontSize={12} fill="var(--ink)">
                  {sample.split(', ').at(-1)}
                </text>
              </g>
            );
          })}
        </svg>
      </Sideways>
      <ul className="flex flex-wrap gap-x-5 text-small" aria-label="Signs">
        {raters.map(({ id, name }) => (
          <li key={id} className="flex items-center gap-1.5">
            <svg width={14} height={14} aria-hidden="true">
              <Mark sign={signOf(id)} x={7} y={7} />
            </svg>
            {name}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Mark({ sign, x, y }: { readonly sign: Sign; readonly x: number; readonly y: number }): ReactElement {
  const ink = 'var(--ink)';
  switch (sign) {
    case 'circle':
      return <circle cx={x} cy={y} r={4.5} fill={ink} />;
    case 'square':
      return <rect x={x - 4.5} y={y - 4.5} width={9} height={9} fill={ink} />;
    case 'ring':
      return <circle cx={x} cy={y} r={4} fill="var(--paper)" stroke={ink} strokeWidth={2} />;
    case 'diamond':
      return (
        <path
          d={`M${String(x)} ${String(y - 6)}L${String(x + 6)} ${String(y)}L${String(x)} ${String(y + 6)}L${String(x - 6)} ${String(y)}Z`}
          fill={ink}
        />
      );
    case 'cross':
      return <path d={`M${String(x - 4)} ${String(y - 4)}l8 8m0 -8l-8 8`} stroke={ink} strokeWidth={2.5} />;
    case 'bar':
      return <rect x={x - 2} y={y - 6} width={4} height={12} fill={ink} />;
  }
}
