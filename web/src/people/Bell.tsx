import { useState, type ReactElement } from 'react';
import { Sorry } from '../kit/Sorry';
import { Switch } from '../kit/Switch';
import { mayNotify, ring, useBell } from '../shared/bellStore';

/** How a timer that ends is told of, besides on the page. */
export function Bell(): ReactElement {
  const { sound, notice, set } = useBell();
  const [isRefused, setRefused] = useState(false);
  return (
    <>
      <h3 className="mt-2">When a timer ends</h3>
      <Switch
        label="Ring twice"
        on={sound}
        onChange={(on) => {
          set({ sound: on });
          // So that one knows it again, and the browser knows that it may.
          if (on) ring();
        }}
      />
      <Switch
        label="Let the computer tell of it, also while another window is in front"
        on={notice}
        onChange={(on) => {
          set({ notice: on });
          if (!on) return;
          void mayNotify().then((may) => {
            setRefused(!may);
            if (!may) set({ notice: false });
          });
        }}
      />
      {isRefused && <Sorry quiet>This browser does not allow it here; its settings for this address do.</Sorry>}
    </>
  );
}
