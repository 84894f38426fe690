import { CARD_METHOD, METHOD_STAMPS } from '@bent-pail/core';
import { contentHash } from '../database/contentHash';

/** By which methods kept rows were worked out, in short; rows of other methods are worked out anew. */
export const METHODS_STAMP = contentHash([...METHOD_STAMPS, CARD_METHOD]).slice(0, 16);
