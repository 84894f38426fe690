import type { ReactElement } from 'react';

interface ClassChoicesProps {
  readonly classes: readonly string[];
  readonly standing: number | undefined;
  readonly onChoose: (place: number) => void;
}

/** What is judged: one large button a class. */
export const ClassChoices = ({ classes, standing, onChoose }: ClassChoicesProps): ReactElement => (
  <div className="mt-auto flex flex-col gap-2">
    {classes.map((name, place) => (
      <button
        key={name}
        type="button"
        aria-pressed={standing === place}
        className="min-h-16 border-2 border-ink bg-paper px-4 text-left text-lead font-semibold aria-pressed:bg-ink aria-pressed:text-paper"
        onClick={() => {
          onChoose(place);
        }}
      >
        {name}
      </button>
    ))}
  </div>
);
