/** What may be wrong with what grows, and what it usually tells. */
export const GROWTH_TAGS = {
  'yellow old leaves': 'nitrogen has run out',
  'pale new leaves': 'iron is short or the pH is high',
  'tip burn': 'salt, or dry spells',
  wilt: 'too dry, or roots without air',
  stretch: 'too little light',
  compact: 'short of food or of room',
  uneven: 'the medium is not the same throughout',
} as const;
export type GrowthTag = keyof typeof GROWTH_TAGS;
