import type { GrowthTag } from './growthTags';
import type { SurfaceSign } from './surfaceSigns';

/** Signs as they are called; a key is kept in the notebook and never shown. */
export const SIGN_NAMES: Readonly<Record<GrowthTag | SurfaceSign, string>> = {
  'yellow old leaves': 'yellow old leaves',
  'pale new leaves': 'pale new leaves',
  'tip burn': 'tip burn',
  wilt: 'wilt',
  stretch: 'stretch',
  compact: 'compact',
  uneven: 'uneven',
  'green film': 'green film',
  mould: 'mould',
  gnats: 'gnats',
  crust: 'crust',
};
