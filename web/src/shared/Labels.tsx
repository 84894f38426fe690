import type { ReactElement, ReactNode } from 'react';
import { Choice } from '../kit/Choice';
import { Qr } from './Qr';

const COUNTS = ['1', '3', '6', '12', '24'] as const;
export type LabelCount = (typeof COUNTS)[number];

interface HowManyProps {
  readonly title: string;
  readonly value: LabelCount;
  readonly onChange: (count: LabelCount) => void;
}

/** How many labels there are of each. */
export const HowMany = ({ title, value, onChange }: HowManyProps): ReactElement => (
  <>
    <h1 className="text-lead">{title}</h1>
    <Choice
      label="How many"
      look="beside"
      value={value}
      options={COUNTS.map((key) => ({ key, words: key }))}
      onChange={onChange}
    />
  </>
);

interface LabelsProps {
  readonly count: LabelCount;
  /** The page that a phone opens. */
  readonly page: string;
  readonly name: string;
  readonly code?: string;
  readonly lines: readonly ReactNode[];
}

/** So many labels of one thing; the code opens its page. */
export const Labels = ({ count, page, name, code, lines }: LabelsProps): ReactElement => (
  <>
    {Array.from({ length: Number(count) }, (_, i) => (
      <div key={i} className="label">
        <Qr page={page} size={84} />
        <div>
          <b>{name}</b>
          {code !== undefined && <span className="figure">{code}</span>}
          {lines.map((line, at) => (
            // A label's lines have no names of their own, and never change places.
            <small key={at} className="block">
              {line}
            </small>
          ))}
        </div>
      </div>
    ))}
  </>
);
