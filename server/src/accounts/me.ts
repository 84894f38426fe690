import type { Me } from '@bent-pail/contract';
import { METRIC } from '@bent-pail/core';
import type { UserEntity } from './entities';

/** A person as the pages know whoever is signed in. */
export const toMe = (user: UserEntity): Me => ({
  id: user.id,
  name: user.name,
  role: user.role,
  singleKeys: user.singleKeys,
  units: user.units ?? METRIC,
});
