import type { ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Progress } from '../../kit/Progress';
import type { Thought } from './useThought';
import { Moment } from '../../kit/Moment';

interface ThinkingProps {
  readonly thought: Thought<unknown>;
  /** Where something else already shows that it waits. */
  readonly quiet?: boolean;
  readonly className?: string;
}

/** Stands where an answer is going to be: what takes its time can be stopped, and asked again. */
export function Thinking({ thought, quiet = false, className = 'mt-2' }: ThinkingProps): ReactElement | null {
  switch (thought.state) {
    case 'answered':
      return null;
    case 'waits':
      return quiet ? null : <Moment className={className} />;
    case 'slow':
      return (
        <div className={className}>
          <Progress label="Working it out" onStop={thought.stop} />
        </div>
      );
    case 'stopped':
      return (
        <p className={className}>
          <Button look="low" onClick={thought.again}>
            Work it out
          </Button>
        </p>
      );
  }
}
