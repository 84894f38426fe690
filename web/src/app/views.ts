import { bench } from '../bench/view';
import { blend } from '../blend/view';
import { classStation } from '../class/view';
import { devices } from '../devices/view';
import { instruments } from '../instruments/view';
import { join } from '../join/view';
import { grow } from '../grow/view';
import { laboratory } from '../laboratory/view';
import { people } from '../people/view';
import { pot } from '../pot/view';
import { record } from '../record/view';
import { protocols } from '../protocols/view';
import { score } from '../score/view';
import { placeOf, type Station, type View } from '../shared/view';
import { shelf } from '../shelf/view';
import { shop } from '../shop/view';
import { today } from '../today/view';
import { verdicts } from '../verdicts/view';
import { vessels } from '../vessels/view';
import { words } from '../words/view';

/** Every view of the product; a folder of the source is one. Router, bench edge, keys and checks iterate over them. */
export const VIEWS: Readonly<Record<string, View>> = {
  today,
  shelf,
  bench,
  protocols,
  instruments,
  vessels,
  laboratory,
  devices,
  blend,
  pot,
  score,
  grow,
  class: classStation,
  join,
  shop,
  record,
  verdicts,
  people,
  words,
};

/** Stations in the order of the work. */
export const STATIONS: readonly Station[] = Object.values(VIEWS)
  .flatMap(({ station }) => station ?? [])
  .sort((a, b) => placeOf(a.word) - placeOf(b.word));
