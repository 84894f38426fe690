import { accessTokens } from './accessTokens/resource';
import { accounts } from './accounts/resource';
import { albums } from './albums/resource';
import { archive } from './archive/resource';
import { backups } from './backups/resource';
import { bench } from './bench/resource';
import { benchComputer } from './benchComputer/resource';
import { blends } from './blends/resource';
import { calc } from './calc/resource';
import { claims } from './claims/resource';
import { classes } from './classes/resource';
import { counts } from './counts/resource';
import { exports } from './exports/resource';
import { filledPots } from './filledPots/resource';
import { find } from './find/resource';
import { guides } from './guides/resource';
import { health } from './health/resource';
import { history } from './history/resource';
import { instruments } from './instruments/resource';
import { jobs } from './jobs/resource';
import { laboratory } from './laboratory/resource';
import { learning } from './learning/resource';
import { live } from './live/resource';
import { lives } from './lives/resource';
import { notebook } from './notebook/resource';
import { notebookFile } from './notebookFile/resource';
import { notes } from './notes/resource';
import { openApi } from './openApi/resource';
import { places } from './places/resource';
import { potResults } from './potResults/resource';
import { prices } from './prices/resource';
import { protocols } from './protocols/resource';
import { savedViews } from './savedViews/resource';
import { scores } from './scores/resource';
import { selling } from './selling/resource';
import { shelf } from './shelf/resource';
import { sittings } from './sittings/resource';
import { stock } from './stock/resource';
import { suppliers } from './suppliers/resource';
import { tableFiles } from './tableFiles/resource';
import { today } from './today/resource';
import { training } from './training/resource';
import { trials } from './trials/resource';
import { verdicts } from './verdicts/resource';
import { vessels } from './vessels/resource';
import { years } from './years/resource';
import type { Resource } from './resource';

/** Every resource, in the order in which their addresses are looked at. A new one is a folder and a line here. */
export const RESOURCES: readonly Resource[] = [
  accounts,
  notebook,
  notebookFile,
  tableFiles,
  backups,
  benchComputer,
  accessTokens,
  openApi,
  history,
  years,
  lives,
  find,
  shelf,
  vessels,
  bench,
  instruments,
  protocols,
  stock,
  suppliers,
  blends,
  selling,
  places,
  potResults,
  filledPots,
  guides,
  verdicts,
  jobs,
  laboratory,
  learning,
  prices,
  claims,
  albums,
  archive,
  savedViews,
  scores,
  sittings,
  classes,
  training,
  trials,
  today,
  counts,
  live,
  notes,
  exports,
  calc,
  health,
];
