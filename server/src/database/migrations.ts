import { FirstSlice1764000000000 } from './migrations/1764000000000-firstSlice';
import { Instruments1764120000000 } from './migrations/1764120000000-instruments';
import { Live1764130000000 } from './migrations/1764130000000-live';
import { OwnProtocols1764140000000 } from './migrations/1764140000000-ownProtocols';
import { Notes1764150000000 } from './migrations/1764150000000-notes';
import { Stock1764160000000 } from './migrations/1764160000000-stock';
import { SampleAndMv1764250000000 } from './migrations/1764250000000-sampleAndMv';
import { Laboratory1764260000000 } from './migrations/1764260000000-laboratory';
import { GuidesAndJobs1764330000000 } from './migrations/1764330000000-guidesAndJobs';
import { Measures1764500000000 } from './migrations/1764500000000-measures';
import { SafeFloor1764700000000 } from './migrations/1764700000000-safeFloor';
import { Truth1764900000000 } from './migrations/1764900000000-truth';
import { ReadModel1765000000000 } from './migrations/1765000000000-readModel';
import { ListsInGroups1765200000000 } from './migrations/1765200000000-listsInGroups';
import { OwnClass1765300000000 } from './migrations/1765300000000-ownClass';
import { WorkHours1765400000000 } from './migrations/1765400000000-workHours';
import { Verdicts1765500000000 } from './migrations/1765500000000-verdicts';
import { Handfuls1765600000000 } from './migrations/1765600000000-handfuls';
import { LabelText1765700000000 } from './migrations/1765700000000-labelText';
import { Units1765800000000 } from './migrations/1765800000000-units';
import { Prices1765900000000 } from './migrations/1765900000000-prices';
import { OwnRubrics1766000000000 } from './migrations/1766000000000-ownRubrics';
import { AgreedMarks1766100000000 } from './migrations/1766100000000-agreedMarks';
import { Sittings1766200000000 } from './migrations/1766200000000-sittings';
import { Claims1766300000000 } from './migrations/1766300000000-claims';
import { SaidOfCards1766400000000 } from './migrations/1766400000000-saidOfCards';
import { Suppliers1766500000000 } from './migrations/1766500000000-suppliers';
import { Selling1766600000000 } from './migrations/1766600000000-selling';
import { LotPhotos1766700000000 } from './migrations/1766700000000-lotPhotos';
import { Foresight1766800000000 } from './migrations/1766800000000-foresight';
import { OpensTo1766900000000 } from './migrations/1766900000000-opensTo';
import { TakenBack1767000000000 } from './migrations/1767000000000-takenBack';
import { PackWeight1767100000000 } from './migrations/1767100000000-packWeight';
import { FilledPots1767200000000 } from './migrations/1767200000000-filledPots';
import { PotWatches1767300000000 } from './migrations/1767300000000-potWatches';
import { Places1767400000000 } from './migrations/1767400000000-places';
import { Albums1767500000000 } from './migrations/1767500000000-albums';
import { Find1767600000000 } from './migrations/1767600000000-find';
import { AccessTokens1767700000000 } from './migrations/1767700000000-accessTokens';
import { QuietTakingIn1767800000000 } from './migrations/1767800000000-quietTakingIn';
import { TableMappings1767900000000 } from './migrations/1767900000000-tableMappings';

/** Every migration, in the order in which they run. */ import { PutAway1768000000000 } from './migrations/1768000000000-putAway';
import { Edits1768100000000 } from './migrations/1768100000000-edits';
import { SavedViews1768200000000 } from './migrations/1768200000000-savedViews';
import { ClosedYears1768300000000 } from './migrations/1768300000000-closedYears';
import { NoStudents1768400000000 } from './migrations/1768400000000-noStudents';
import { Classes1768500000000 } from './migrations/1768500000000-classes';
import { Training1768600000000 } from './migrations/1768600000000-training';
import { Trials1768700000000 } from './migrations/1768700000000-trials';
import { SharedHits1768800000000 } from './migrations/1768800000000-sharedHits';
import { SettingsVersion1768900000000 } from './migrations/1768900000000-settingsVersion';
import { WaitingFiles1769000000000 } from './migrations/1769000000000-waitingFiles';
import { GuidesAway1769100000000 } from './migrations/1769100000000-guidesAway';

export const MIGRATIONS = [
  FirstSlice1764000000000,
  Instruments1764120000000,
  Live1764130000000,
  OwnProtocols1764140000000,
  Notes1764150000000,
  Stock1764160000000,
  SampleAndMv1764250000000,
  Laboratory1764260000000,
  GuidesAndJobs1764330000000,
  Measures1764500000000,
  SafeFloor1764700000000,
  Truth1764900000000,
  ReadModel1765000000000,
  ListsInGroups1765200000000,
  OwnClass1765300000000,
  WorkHours1765400000000,
  Verdicts1765500000000,
  Handfuls1765600000000,
  LabelText1765700000000,
  Units1765800000000,
  Prices1765900000000,
  OwnRubrics1766000000000,
  AgreedMarks1766100000000,
  Sittings1766200000000,
  Claims1766300000000,
  SaidOfCards1766400000000,
  Suppliers1766500000000,
  Selling1766600000000,
  LotPhotos1766700000000,
  Foresight1766800000000,
  OpensTo1766900000000,
  TakenBack1767000000000,
  PackWeight1767100000000,
  FilledPots1767200000000,
  PotWatches1767300000000,
  Places1767400000000,
  Albums1767500000000,
  Find1767600000000,
  AccessTokens1767700000000,
  QuietTakingIn1767800000000,
  TableMappings1767900000000,
  PutAway1768000000000,
  Edits1768100000000,
  SavedViews1768200000000,
  ClosedYears1768300000000,
  NoStudents1768400000000,
  Classes1768500000000,
  Training1768600000000,
  Trials1768700000000,
  SharedHits1768800000000,
  SettingsVersion1768900000000,
  WaitingFiles1769000000000,
  GuidesAway1769100000000,
];
