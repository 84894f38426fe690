import type { LotCard, PailFigures } from '@bent-pail/core';
import { airWord } from '../shared/airWords';
import { amount } from '../shared/units/mine';

/** How a pail is known, said after its figures. */
export const OF_PAIL: Readonly<Record<PailFigures['kind'], string>> = {
  measured: 'of the volume',
  partly: 'of the volume: the air measured, the water worked out',
  material: 'as other lots of it are, not measured',
  class: 'as its class usually is, not measured',
};

/** Whether a part of a pail was measured in this lot. */
export const isMeasured = ({ kind }: PailFigures, part: 'air' | 'water' | 'solid'): boolean =>
  kind === 'measured' || (kind === 'partly' && part === 'air');

/** Where the pail's figures come from, in a sentence of its own. */
export function pailSource({ pail, figures, curve }: LotCard): string {
  if (pail === undefined) return '';
  const depth = amount(pail.height_cm, 'cm', 0);
  const methodOf = (key: 'containerCapacity' | 'airSpace'): string =>
    figures.find(({ property }) => property === key)?.method ?? 'vessel';
  switch (pail.kind) {
    case 'measured':
      return `As measured in the ${methodOf('containerCapacity')}.`;
    case 'partly':
      return `Air as measured in the ${methodOf('airSpace')}. Water and solid are worked out from it and from ${
        curve?.readings.materialClass === undefined ? 'what is usual for media' : 'what is usual for its class'
      }: dry a sample to know them.`;
    case 'material':
      return `What other lots of this material are in ${depth}; not measured in this one.`;
    case 'class':
      return `What its class usually is in ${depth}; not measured here.`;
  }
}

/** How airy it is, in one short sentence. */
export function airSentence({ pail }: LotCard): string {
  if (pail === undefined) return '';
  const word = airWord(pail.air);
  switch (pail.kind) {
    case 'measured':
    case 'partly':
      return `${word.charAt(0).toUpperCase()}${word.slice(1)}.`;
    case 'material':
      return `Other lots of it are ${word}.`;
    case 'class':
      return `Of its class, such media are ${word}.`;
  }
}
