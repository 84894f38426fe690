import { useState, type ReactElement } from 'react';
import { Button } from './Button';

interface CopyButtonProps {
  readonly text: string;
  readonly words: string;
  readonly className?: string;
}

/** Puts a text onto the clipboard; nothing where the page is not secure, for a browser then has none to give. */
export function CopyButton({ text, words, className = '' }: CopyButtonProps): ReactElement | null {
  const [copied, setCopied] = useState<string>();
  if (!('clipboard' in navigator)) return null;
  return (
    <Button
      look="small"
      className={className}
      onClick={() => {
        navigator.clipboard.writeText(text).then(
          () => {
            setCopied(text);
          },
          () => {
            setCopied(undefined);
          },
        );
      }}
    >
      {copied === text ? 'Copied' : words}
    </Button>
  );
}
