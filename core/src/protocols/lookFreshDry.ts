import type { Protocol } from '../sheets';
import { judge } from './steps';

const COLOURS = ['pale', 'light brown', 'brown', 'dark brown', 'black'] as const;
const MAKE_UP = ['even and crumbly', 'even and fibrous', 'in clumps', 'fine and close', 'dusty'] as const;

const TWO_DAYS_min = 2 * 24 * 60;

const when = (dry: boolean): string => (dry ? 'air-dry' : 'fresh');

/** The same handful looked at twice: wet looks better. */
export const LOOK_FRESH_DRY: Protocol = {
  key: 'look-fresh-dry',
  version: 1,
  label: 'Look, fresh and dry',
  plain: 'The same handful fresh and air-dried, and beside another: wet looks better than it is.',
  takes: 'a white tray, two days of drying in the air, a second medium if you like',
  reduction: 'arithmetic',
  method: 'by eye on white',
  usesVessel: false,
  replicates: { usual: 2, most: 12 },
  results: [
    { property: 'colourFresh', read: 'colourFresh' },
    { property: 'makeUpFresh', read: 'makeUpFresh' },
    { property: 'colourDry', read: 'colourDry' },
    { property: 'makeUpDry', read: 'makeUpDry' },
    { property: 'besideOther', read: 'beside' },
  ],
  steps: [
    ...[false, true].flatMap((dry) => [
      judge(COLOURS, {
        key: dry ? 'colourDry' : 'colourFresh',
        label: `Colour, ${when(dry)}`,
        say: dry
          ? 'The same handful after two days spread thin, in the same light.'
          : 'As it came, spread on white, by daylight. Replicates are people.',
        why: dry ? 'Dye and water make it darker than it is.' : 'The colour that sells it.',
        picture: 'eye',
        ...(dry ? { after: { step: 'colourFresh', minutes: TWO_DAYS_min }, caution: 'dust' as const } : {}),
      }),
      judge(MAKE_UP, {
        key: dry ? 'makeUpDry' : 'makeUpFresh',
        label: `Make-up, ${when(dry)}`,
        say: dry ? 'Break it up again and look.' : 'Break a handful up and look.',
        why: dry ? 'Clumps that water held fall apart, dust shows.' : 'Crumbs and fibres leave pores; dust fills them.',
        picture: 'eye',
      }),
    ]),
    judge(['looks worse', 'looks alike', 'looks better'], {
      key: 'beside',
      label: 'Beside another, both as moist',
      say: 'Moisten both until a squeezed handful just holds, lay them side by side. Note which other in the notes.',
      why: 'Two media can only be compared at one moisture.',
      picture: 'eye',
      optional: true,
    }),
  ],
};
