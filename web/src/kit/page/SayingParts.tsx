import { useState, type ReactElement } from 'react';
import { AskTwice } from '../AskTwice';
import { Button, ButtonLink } from '../Button';
import { CopyButton } from '../CopyButton';
import { Caution } from '../Caution';
import { Dialog, DialogClose } from '../Dialog';
import { Notice, NoticeHead } from '../Notice';
import { Popover } from '../Popover';
import { Progress } from '../Progress';
import { Sorry } from '../Sorry';
import { tell, undoable } from '../toasts';
import { Tooltip } from '../Tooltip';
import { Part } from './Part';

const nothing = (): void => undefined;

/** What is pressed, and what is said. */
export function SayingParts(): ReactElement {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Part name="Button and ButtonLink">
        <Button look="act">Start a run</Button>
        <Button look="act" disabled>
          Start a run
        </Button>
        <Button>Make a copy</Button>
        <Button disabled>Make a copy</Button>
        <Button look="slab">Save</Button>
        <Button look="low">Done</Button>
        <Button look="tie">Change it</Button>
        <Button look="small">take out</Button>
        <ButtonLink to="/kit">Elsewhere</ButtonLink>
        <CopyButton text="Tollgarth" words="Copy it" />
      </Part>
      <Part name="Dialog, AskTwice, Popover, Tooltip">
        <Dialog
          title="Keys"
          line="Single keys work when no field has the cursor."
          open={open}
          onOpenChange={setOpen}
          opener="Open a dialog"
        >
          <DialogClose>Close</DialogClose>
        </Dialog>
        <AskTwice
          opener="Discard it"
          title="Let the reading go?"
          line="It was never kept, and cannot be brought back."
          no="Keep it here"
          yes="Discard it"
          onYes={nothing}
        />
        <Popover opener="My pot">Tub 25 cm, 28 over 22</Popover>
        <Tooltip says="What to measure next for this?">
          <Button look="low">Air space</Button>
        </Tooltip>
      </Part>
      <Part name="Notice, Caution, Sorry">
        <Notice className="w-72">
          <NoticeHead>
            Check B<span className="font-normal">; it can still be repeated</span>
          </NoticeHead>
          <p className="px-3 py-2">B lies 0.06 above A and C; 0.03 is allowed.</p>
        </Notice>
        <Caution className="w-80">
          <b>Hot oven.</b> Stay with it, open a window, never above 105 °C.
        </Caution>
        <Sorry quiet>The price cannot be negative.</Sorry>
      </Part>
      <Part name="Toast and Progress">
        <Button
          onClick={() => {
            tell({
              title: 'Soaking is over',
              line: 'Pumice 3-8 mm, PM-4',
              to: { address: '/kit', words: 'To the sheet' },
            });
          }}
        >
          Tell something
        </Button>
        <Button
          onClick={() => {
            undoable('Bark, fine is taken out.', nothing);
          }}
        >
          Undo something
        </Button>
        <Progress label="Trying recipes" share={0.42} onStop={nothing} />
        <Progress label="Sending the photo" onStop={nothing} />
      </Part>
    </>
  );
}
