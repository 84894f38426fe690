import type { Recipe } from '@bent-pail/contract';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactElement } from 'react';
import { expect, it } from 'vitest';
import { deskViewOf } from '../../testing/desk';
import { openPage } from '../../testing/page';
import { ModelChoice } from './ModelChoice';
import { choose } from '../../testing/choose';

it('takes a measured shrink with its model, and leaves it with it', async () => {
  const user = userEvent.setup();
  let now: Recipe = deskViewOf([{ lotId: 'bark-graded', parts: 1 }]).recipe;
  function Chosen(): ReactElement {
    const [recipe, setRecipe] = useState(now);
    return (
      <ModelChoice
        recipe={recipe}
        onRecipe={(next) => {
          now = next;
          setRecipe(next);
        }}
      />
    );
  }
  openPage(<Chosen />);
  await choose(screen.getByLabelText('Mixing model'), 'measured shrink', user);
  const field = screen.getByLabelText('Measured shrink, percent');
  await user.clear(field);
  await user.type(field, '12,5');
  expect(now).toMatchObject({ model: 'measured', shrink: 0.125 });
  await choose(screen.getByLabelText('How volumes are measured'), /by eye/, user);
  expect(now.scoopShare).toBe(0.25);
  await choose(screen.getByLabelText('Mixing model'), 'plain average', user);
  expect(now).not.toHaveProperty('shrink');
});
