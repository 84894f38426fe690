import {
  deskPotInput,
  geometricVolume_mL,
  USES,
  type DeskInput,
  type DeskResult,
  type PotOutlookInput,
} from '@bent-pail/core';
import { typedAmount } from '../../shared/units/mine';
import { typedNumber, type Stand } from '../../shared/pot/standStore';

const optional = <K extends string>(key: K, value: number | undefined): Partial<Record<K, number>> =>
  value === undefined ? {} : ({ [key]: value } as Record<K, number>);

/** The question what a filled pot is, as it stands. */
export function potQuestion(desk: DeskInput, result: DeskResult, stand: Stand): PotOutlookInput {
  const straight = geometricVolume_mL(desk.container) === undefined;
  return deskPotInput(desk, result, {
    use_mmPerD: USES.find(({ key }) => key === stand.use)?.mmPerD ?? 1,
    ...(straight ? optional('volume_L', typedAmount(stand.volume_L, 'L') ?? 10) : {}),
    ...optional('pot_kg', typedAmount(stand.pot_kg, 'kg')),
    ...optional('potsPerM2', typedNumber(stand.potsPerM2)),
    ...optional('limit_kgPerM2', typedNumber(stand.limit_kgPerM2)),
  });
}
