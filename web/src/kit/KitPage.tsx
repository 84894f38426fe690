import type { ReactElement } from 'react';
import { ChoosingParts } from './page/ChoosingParts';
import { SayingParts } from './page/SayingParts';
import { ShowingParts } from './page/ShowingParts';
import { TypingParts } from './page/TypingParts';
import { Toasts } from './Toasts';

/** Every part of the kit in every state, for whoever builds with it; by day and by night. */
export function KitPage(): ReactElement {
  return (
    <main>
      <h1 className="px-6 py-4 text-title">The kit</h1>
      <div className="grid lg:grid-cols-2">
        <Scheme scheme="light" />
        <Scheme scheme="dark" />
      </div>
      <Toasts />
    </main>
  );
}

function Scheme({ scheme }: { readonly scheme: 'light' | 'dark' }): ReactElement {
  return (
    <section
      aria-label={`The kit, ${scheme}`}
      className="min-w-0 bg-enamel px-6 pb-10 text-ink"
      style={{ colorScheme: scheme }}
    >
      <h2 className="py-4 text-lead">{scheme}</h2>
      <SayingParts />
      <TypingParts />
      <ChoosingParts />
      <ShowingParts scheme={scheme} />
    </section>
  );
}
