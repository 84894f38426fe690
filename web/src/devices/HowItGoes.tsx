import type { ReactElement } from 'react';
import { ButtonLink } from '../kit/Button';

const STEPS = [
  ['Say what it is', 'The simulated one shows how it goes without a cable; everything below works the same with it.'],
  ['Open a sheet', 'Its lit cell, black, is the one that waits. The strip above the sheet shows what the device says.'],
  ['Let it come to rest', 'A reading that stands still drops into the lit cell, and the next cell lights up.'],
  ['Look at it', 'A reading out of bounds is asked about, never taken silently; typing over it always works.'],
] as const;

/** How a reading comes from a device into a sheet, for somebody who never did it. */
export function HowItGoes(): ReactElement {
  return (
    <section className="border-b-[3px] border-ink px-5 pt-4 pb-6" aria-label="How it goes">
      <h2>How it goes</h2>
      <ol className="mt-2 grid gap-x-6 gap-y-4 min-[700px]:grid-cols-2 min-[1100px]:grid-cols-4">
        {STEPS.map(([what, why], i) => (
          <li key={what} className="grid grid-cols-[auto_minmax(0,1fr)] content-start gap-x-3">
            <span className="figure row-span-2 text-title leading-none font-medium">{i + 1}</span>
            <b>{what}</b>
            <span className="text-ink2">{why}</span>
          </li>
        ))}
      </ol>
      <p className="mt-4">
        <ButtonLink to="/bench">Open a sheet on the bench</ButtonLink>
      </p>
    </section>
  );
}
