import { useRef, type ReactElement } from 'react';
import { Button } from '../../kit/Button';
import { Progress } from '../../kit/Progress';

interface ChooseFileProps {
  /** What kind of file, for those who hear it. */
  readonly label: string;
  readonly accept: string;
  readonly hasOne: boolean;
  readonly isBusy: boolean;
  readonly onFile: (file: File) => void;
  readonly onStop: () => void;
}

/** A file of this computer, and how it is on its way. */
export function ChooseFile({ label, accept, hasOne, isBusy, onFile, onStop }: ChooseFileProps): ReactElement {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file !== undefined) onFile(file);
          event.target.value = '';
        }}
      />
      {isBusy ? (
        <Progress label="Looking at it" onStop={onStop} />
      ) : (
        <Button
          look={hasOne ? 'alt' : 'slab'}
          onClick={() => {
            input.current?.click();
          }}
        >
          {hasOne ? 'Choose another' : 'Choose a file'}
        </Button>
      )}
    </>
  );
}
