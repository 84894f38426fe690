import type { TableKindKey } from '@bent-pail/core';
import type { ClassesFile } from './classFiles';
import type { Dated } from './dated';
import type { PlaceFile, PotFile } from './potFiles';
import type { TrialFile } from './trialFiles';
import type { SittingMark } from './tagWords';
import { readFileSync } from 'node:fs';
import path from 'node:path';

/** Files of the demo notebook: readings, prices and names, nothing worked out. */
export interface ShelfFile {
  readonly name: string;
  readonly kind: 'material' | 'product';
  readonly classId?: string;
  readonly aliases: readonly string[];
  readonly lots: readonly LotFile[];
}

export interface LotFile {
  readonly code: string;
  readonly source?: string;
  readonly grade?: string;
  readonly boughtDaysAgo: number;
  readonly price?: number;
  readonly packVolume_L?: number;
  readonly state?: string;
  /** Counted when it came, loose. */
  readonly onHand_L?: number;
}

export interface VesselFile {
  readonly name: string;
  readonly height_cm: number;
  readonly empty_g: number;
  readonly full_g: number;
  readonly waterTemp_C: number;
}

export interface InstrumentFile {
  readonly name: string;
  readonly kind: 'pH' | 'ec' | 'scale';
  readonly showsMv: boolean;
  readonly calibrations: readonly {
    readonly daysAgo: number;
    readonly at: string;
    readonly by: string;
    readonly temp_C: number;
    readonly points: readonly { readonly nominal: number; readonly shown: number }[];
  }[];
}

/** When a run began, or how long ago its last reading was. */
export type RunStart = { readonly daysAgo: number; readonly at: string } | { readonly lastMinutesAgo: number };

export interface RunFile {
  readonly lot: string;
  readonly protocol: string;
  readonly packing: 'loose' | 'tapped' | 'firmed';
  readonly soak_min: number;
  readonly vessels: readonly string[];
  readonly by: string;
  readonly start: RunStart;
  /** By step, one value per replicate; timers are started by the loader's clock and have none. */
  readonly readings: Readonly<Record<string, readonly number[]>>;
  /** Last step done; the run is then left open. */
  readonly stopAfter?: string;
  readonly corrections?: readonly {
    readonly step: string;
    readonly replicate: number;
    readonly typed: number;
    readonly reason: string;
  }[];
  readonly excluded?: readonly { readonly replicate: number; readonly reason: string }[];
}

/** Parts of a lot by its code, or of another blend's version by its name; what else a recipe says of a line. */
export interface BlendLineFile {
  readonly lot?: string;
  readonly blend?: { readonly name: string; readonly n: number };
  readonly parts: number;
  readonly least?: number;
  readonly most?: number;
  readonly or?: readonly string[];
  readonly job?: string;
}

export interface BlendFile {
  readonly name: string;
  readonly by: string;
  readonly target?: string;
  readonly pot: {
    readonly name: string;
    readonly height_cm: number;
    readonly topDiameter_cm?: number;
    readonly baseDiameter_cm?: number;
  };
  readonly versions: readonly {
    readonly daysAgo: number;
    readonly reason?: string;
    readonly lime_meqPerL?: number;
    readonly lines: readonly BlendLineFile[];
    readonly additives?: readonly {
      readonly name: string;
      readonly gPerL: number;
      readonly n_percent?: number;
      readonly pricePerKg?: number;
    }[];
    /** Mixed some days later: a lot of its own. */
    readonly batch?: { readonly code: string; readonly made_L: number; readonly daysAgo: number };
  }[];
  /** As a product of the nursery's own. */
  readonly selling?: {
    readonly terms: object;
    readonly sales: readonly {
      readonly daysAgo: number;
      readonly packs: number;
      readonly kind: string;
      readonly price: number;
      readonly batch?: string;
    }[];
    readonly complaints: readonly { readonly daysAgo: number; readonly words: string; readonly batch?: string }[];
  };
}

/** Products that are judged together, with everybody's marks by the cups' codes. */
export interface SittingFile {
  readonly label: string;
  readonly rubric: string;
  readonly daysAgo: number;
  readonly openedBy: string;
  readonly samples: readonly { readonly lot: string; readonly code: string }[];
  readonly warmUp?: object;
  readonly raters: readonly {
    readonly name: string;
    readonly warmUp?: Readonly<Record<string, number>>;
    readonly marks: Readonly<Record<string, Readonly<Record<string, SittingMark>>>>;
    readonly handedIn: readonly string[];
  }[];
  readonly agreed: readonly {
    readonly code: string;
    readonly criterion: string;
    readonly value: number;
    readonly reason: string;
    readonly by: string;
  }[];
}

/** Whom things come from, and what came. */
export interface SupplierFile {
  readonly name: string;
  readonly kind: string;
  readonly permission?: string;
  readonly permissionDays?: number;
  readonly note?: string;
  readonly deliveries: readonly {
    readonly daysAgo: number;
    readonly by: string;
    readonly lot?: string;
    readonly outOfStock?: string;
    readonly gate?: object;
    readonly decision?: string;
    readonly words?: string;
  }[];
}

/** What a label claims, and what somebody makes of it. */
export interface ClaimsFile {
  readonly lot: string;
  readonly by: string;
  readonly daysAgo: number;
  readonly sheet: {
    readonly answers: readonly {
      readonly key: string;
      readonly said?: string;
      readonly askedDaysAgo?: number;
      readonly saidDaysAgo?: number;
    }[];
  };
}

/** A price as somebody saw it on a day. */
export interface PriceFile {
  readonly lot: string;
  readonly by: string;
  readonly daysAgo: number;
  readonly kind: string;
  readonly price: number;
  readonly form: string;
  readonly pack_L?: number;
  readonly factor?: number;
  readonly pack_kg?: number;
  readonly delivery?: number;
  readonly minutes?: number;
  readonly place?: string;
}

export interface LabRequestFile {
  readonly lot: string;
  readonly by: string;
  readonly daysAgo: number;
  readonly at: string;
  readonly delay_min: number;
}

/** Uses of the notebook's own, and work that was planned. */
export interface GuidesFile {
  readonly profiles: readonly { readonly by: string; readonly daysAgo: number; readonly body: object }[];
  readonly jobs: readonly {
    readonly by: string;
    /** Days from the load; under 0 is past. */
    readonly inDays: number;
    readonly at: string;
    readonly what: string;
    readonly where: string;
  }[];
}

/** What came in as tables, was put right and put away, and lists that were kept under a name. */
export interface RecordFile {
  readonly tables: readonly (Dated & {
    readonly kind: TableKindKey;
    readonly mapping: Readonly<Record<string, number>>;
    readonly lines: readonly string[];
  })[];
  readonly edits: readonly (Dated & { readonly lot: string; readonly change: object })[];
  readonly away: readonly (Dated & { readonly lot: string })[];
  readonly views: readonly (Dated & { readonly page: string; readonly name: string; readonly query: string })[];
}

export interface NotebookFiles {
  readonly shelf: readonly ShelfFile[];
  readonly vessels: readonly VesselFile[];
  readonly instruments: readonly InstrumentFile[];
  readonly runs: readonly RunFile[];
  readonly blends: readonly BlendFile[];
  readonly sittings: readonly SittingFile[];
  readonly laboratory: readonly LabRequestFile[];
  readonly guides: GuidesFile;
  readonly prices: readonly PriceFile[];
  readonly claims: readonly ClaimsFile[];
  readonly suppliers: readonly SupplierFile[];
  readonly places: readonly PlaceFile[];
  readonly pots: readonly PotFile[];
  readonly record: RecordFile;
  readonly classes: ClassesFile;
  readonly trials: readonly TrialFile[];
}

const NAMES = [
  'shelf',
  'vessels',
  'instruments',
  'runs',
  'blends',
  'sittings',
  'laboratory',
  'guides',
  'prices',
  'claims',
  'suppliers',
  'places',
  'pots',
  'record',
  'classes',
  'trials',
] as const satisfies readonly (keyof NotebookFiles)[];

/** Reads the files of a folder, one for each part of the notebook. */
export function readNotebook(folder: string): NotebookFiles {
  const files = NAMES.map((name) => [
    name,
    JSON.parse(readFileSync(path.join(folder, `${name}.json`), 'utf8')) as unknown,
  ]);
  return Object.fromEntries(files) as NotebookFiles;
}
