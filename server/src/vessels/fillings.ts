import type { Filling, RunVessel } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { optional } from '../database/optional';
import type { FillingEntity, VesselEntity } from './entities';
import { fillingsKept } from './repository';

/** A filling as the core takes it: on a scale, or by a jug. */
export function toFilling({
  empty_g,
  full_g,
  waterTemp_C,
  jug_mL,
}: Pick<FillingEntity, 'empty_g' | 'full_g' | 'waterTemp_C' | 'jug_mL'>): Filling {
  if (jug_mL !== null) return { jug_mL };
  // The database keeps the three of a scale together.
  return { empty_g: empty_g ?? 0, full_g: full_g ?? 0, waterTemp_C: waterTemp_C ?? 20 };
}

/** A vessel as the core takes it; undefined until its depth is known. */
export function toRunVessel(vessel: VesselEntity, fillings: readonly FillingEntity[]): RunVessel | undefined {
  if (vessel.height_cm === null) return undefined;
  return {
    id: vessel.id,
    name: vessel.name,
    height_cm: vessel.height_cm,
    ...optional('topDiameter_cm', vessel.topDiameter_cm),
    ...optional('baseDiameter_cm', vessel.baseDiameter_cm),
    fillings: fillings.filter((filling) => filling.vesselId === vessel.id).map(toFilling),
  };
}

/** Fillings of some vessels, oldest first: all that were ever kept, and those that count. */
export interface Fillings {
  readonly all: readonly FillingEntity[];
  readonly counting: readonly FillingEntity[];
  /** Why a filling counts no more; undefined while it does. */
  readonly whyOut: (filling: FillingEntity) => string | undefined;
}

export async function loadFillings(manager: EntityManager, vesselIds: readonly string[]): Promise<Fillings> {
  const { all, exclusions } = await fillingsKept(manager, vesselIds);
  const whyOut = ({ id }: FillingEntity): string | undefined => {
    const better = all.find((filling) => filling.corrects === id);
    if (better !== undefined) return `corrected: ${better.reason ?? ''}`;
    return exclusions.find((one) => one.fillingId === id)?.reason;
  };
  return { all, counting: all.filter((filling) => whyOut(filling) === undefined), whyOut };
}
