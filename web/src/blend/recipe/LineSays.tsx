import type { DeskLot, RecipeLine } from '@bent-pail/contract';
import { JOB_WORDS, JOBS } from '@bent-pail/core';
import type { ReactElement } from 'react';
import { Choice } from '../../kit/Choice';
import { FindAmong } from '../../kit/FindAmong';
import { Check } from '../../kit/Check';

interface LineSaysProps {
  readonly line: RecipeLine;
  readonly name: string;
  readonly lots: readonly DeskLot[];
  readonly onLine: (line: RecipeLine) => void;
}

const FLAGS = [
  ['optional', 'may be left out'],
  ['onTop', 'comes on top of 100 %'],
] as const;

/** What a recipe says of a line besides its amount: what it is in for, what else would do, whether it may be left out. */
export function LineSays({ line, name, lots, onLine }: LineSaysProps): ReactElement {
  const others = lots.filter((lot) => lot.component !== undefined && lot.id !== line.lotId);
  return (
    <div className="col-span-3 flex flex-wrap items-end gap-3 border-l-[3px] border-zinc3 pb-2 pl-3">
      <Choice
        label={`What ${name} is there to do`}
        value={line.job ?? ''}
        options={[{ key: '', words: 'not said' }, ...JOBS.map((job) => ({ key: job, words: JOB_WORDS[job] }))]}
        onChange={(job) => {
          const { job: _before, ...rest } = line;
          onLine(job === '' ? rest : { ...rest, job });
        }}
      />
      {line.blend === undefined && (
        <FindAmong
          label="Or instead"
          placeholder="name, code"
          value={line.or?.[0] ?? ''}
          options={[
            { key: '', words: 'nothing else' },
            ...others.map((lot) => ({ key: lot.id, words: `${lot.name}, ${lot.code}` })),
          ]}
          onChange={(id) => {
            const { or: _before, ...rest } = line;
            onLine(id === '' ? rest : { ...rest, or: [id] });
          }}
          className="max-w-[180px]"
        />
      )}
      {FLAGS.map(([flag, words]) => (
        <Check
          key={flag}
          label={words}
          className="text-small"
          checked={line[flag] === true}
          onChange={(checked) => {
            const { [flag]: _before, ...rest } = line;
            onLine(checked ? { ...rest, [flag]: true } : rest);
          }}
        />
      ))}
    </div>
  );
}
