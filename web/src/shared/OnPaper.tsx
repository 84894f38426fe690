import type { ReactElement, ReactNode } from 'react';
import './print.css';
import { usePageTitle } from './titleStore';
import { ButtonLink, Button } from '../kit/Button';

interface OnPaperProps {
  /** Where one goes back to, and what that is called. */
  readonly back: string;
  readonly backWords: string;
  /** What is said of the sheet to those who do not see it. */
  readonly label: string;
  readonly className?: string;
  /** Choices beside the print button; they are not printed. */
  readonly choices?: ReactNode;
  readonly children: ReactNode;
}

/** A page as it will lie on paper, under a bar that is not printed. */
export function OnPaper({ back, backWords, label, className = '', choices, children }: OnPaperProps): ReactElement {
  usePageTitle(label);
  return (
    <main className="print-page">
      <div className="not-on-paper">
        <ButtonLink to={back}>{backWords}</ButtonLink>
        {choices}
        <Button
          look="act"
          onClick={() => {
            window.print();
          }}
        >
          Print
        </Button>
      </div>
      <article className={`paper ${className}`} aria-label={label}>
        {children}
      </article>
    </main>
  );
}
