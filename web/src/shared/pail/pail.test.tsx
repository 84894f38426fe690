import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { PailMark } from './PailMark';
import { drawPail, shapeOf } from './pailGeometry';

const vessel = shapeOf({ height_cm: 12 }, 'vessel');

describe('the pail mark', () => {
  it('says what it shows', () => {
    render(
      <PailMark
        shape={vessel}
        fill={{ kind: 'parted', solid: 0.32, water: 0.32, air: 0.36 }}
        state="measured"
        tier="large"
        k={10}
      />,
    );
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Pail: solid 0.32, water 0.32, air 0.36; 12 cm vessel; measured.',
    );
  });

  it('is to scale: levels are parts of the depth, and the depth is the container’s', () => {
    const drawing = drawPail(vessel, 10, false);
    expect(drawing.levelY(0) - drawing.levelY(1)).toBeCloseTo(120, 9);
    expect(drawing.levelY(0) - drawing.levelY(0.32)).toBeCloseTo(38.4, 9);
  });

  it('has a bail in the test vessel and a collar in a pot', () => {
    expect(drawPail(vessel, 10, false).bail).toBeDefined();
    expect(drawPail(shapeOf({ height_cm: 12 }, 'pot'), 10, false).bail).toBeUndefined();
  });
});
