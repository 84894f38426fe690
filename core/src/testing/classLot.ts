import { lotCard, type LotComponent } from '../lots';
import { mediaClassById } from '../classes';

/** A lot that was never tested: its class's figures, as the desk takes it. */
export function classLot(materialClass: string, name = mediaClassById(materialClass, 'id').label): LotComponent {
  const lot = {
    id: name,
    name,
    code: materialClass,
    materialId: materialClass,
    materialClass,
    price: 8,
    packVolume_L: 40,
    runs: [],
  };
  return lotCard(lot).component as LotComponent;
}
