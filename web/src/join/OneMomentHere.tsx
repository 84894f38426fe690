import type { ReactElement } from 'react';

/** While the sheet is on its way, or why it does not come. */
export const OneMomentHere = ({ trouble }: { readonly trouble: string | undefined }): ReactElement => (
  <main className="p-5">
    <h1 className="text-lead">{trouble === undefined ? 'One moment.' : 'Your sheet does not come'}</h1>
    {trouble !== undefined && <p role="alert">{trouble}</p>}
  </main>
);
