import { PHOTO_LIMIT } from '@bent-pail/contract/choices';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState, type ReactElement } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { Button } from '../../kit/Button';
import { Field } from '../../kit/Field';
import { Progress } from '../../kit/Progress';
import { Sorry } from '../../kit/Sorry';
import { api, sentenceOf } from '../api';

interface AddPhotoProps {
  /** Where it is sent to, without its own id. */
  readonly address: string;
  readonly label: string;
  readonly onKept: () => Promise<unknown>;
}

/** A photo that is taken or chosen, with what it shows. */
export function AddPhoto({ address, label, onKept }: AddPhotoProps): ReactElement {
  const [caption, setCaption] = useState('');
  const input = useRef<HTMLInputElement>(null);
  const sending = useRef(new AbortController());
  const add = useMutation({
    mutationFn: async (file: File) => {
      if (file.size > PHOTO_LIMIT) throw new Error('This photo is over 12 MB; take it smaller.');
      sending.current = new AbortController();
      const whole = `${address}/${uuidv7()}?caption=${encodeURIComponent(caption.trim())}`;
      await api.putFile(whole, file, sending.current.signal);
    },
    onSuccess: async () => {
      setCaption('');
      await onKept();
    },
  });
  return (
    <div className="flex flex-1 flex-wrap items-end gap-3">
      <Field label={label} value={caption} onChange={setCaption} className="flex-1" />
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        aria-label="Photo"
        className="hidden"
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file !== undefined) add.mutate(file);
          event.target.value = '';
        }}
      />
      {add.isPending ? (
        <Progress
          label="Sending it"
          onStop={() => {
            sending.current.abort();
          }}
        />
      ) : (
        <Button
          onClick={() => {
            input.current?.click();
          }}
        >
          Take or choose
        </Button>
      )}
      {add.error !== null && add.error.name !== 'AbortError' && (
        <Sorry className="basis-full">{sentenceOf(add.error)}</Sorry>
      )}
    </div>
  );
}
