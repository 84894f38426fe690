import { useEffect, useRef, useState, type ReactElement } from 'react';
import { Button } from '../kit/Button';
import { clockTime } from '../kit/format';
import { later } from '../kit/later';
import { serverNow } from '../shared/serverClock';
import { useSession } from '../shared/useSession';
import type { FilledProps } from './litCellProps';
import { newReading } from './newReading';
import { TYPED_TIMES } from './typedTimes';

// What reads a moment is fetched while the button is looked at: the network may be away when it is needed.
const TypedTime = later(async () => (await import('./TypedTime')).TypedTime);

/** When something began: one press as it does, or the time from the paper; corrected by another time. */
export function StartTime(props: FilledProps): ReactElement {
  const { step, replicate, standing, mayWrite, onKeep, onMove } = props;
  const button = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    if (!TYPED_TIMES.has(step)) button.current?.focus();
    TypedTime.fetch();
  }, [step]);
  if (standing !== undefined) return <Began {...props} standing={standing} />;
  return (
    <>
      <Button
        ref={button}
        look="act"
        className="mt-6 w-full"
        disabled={!mayWrite}
        onClick={() => {
          TYPED_TIMES.delete(step);
          onKeep(newReading(replicate, step.key, Math.round(serverNow()) / 1000));
        }}
        onKeyDown={(event) => {
          if (event.key.startsWith('Arrow')) onMove(event.key);
        }}
      >
        Start {step.hold?.name}
      </Button>
      <OrTyped {...props} words="It began earlier" />
    </>
  );
}

function Began(props: FilledProps & { readonly standing: NonNullable<FilledProps['standing']> }): ReactElement {
  const { standing } = props;
  const { notebook } = useSession();
  return (
    <div className="mt-3 text-left text-small">
      <p>
        Running since <span className="figure">{clockTime(standing.value * 1000, notebook.zone)}</span>. A timer is a
        deadline; it needs no watching.
      </p>
      <OrTyped {...props} words="It began at another time" />
    </div>
  );
}

/** The way to a time of one's own; open at once where the replicate before had one: who copies a paper has all of them. */
function OrTyped({ words, ...props }: FilledProps & { readonly words: string }): ReactElement {
  const [isTyping, setTyping] = useState(props.standing === undefined && TYPED_TIMES.has(props.step));
  if (isTyping) return <TypedTime {...props} />;
  return (
    <Button
      look="small"
      disabled={!props.mayWrite}
      onClick={() => {
        setTyping(true);
      }}
    >
      {words}
    </Button>
  );
}
