import type { BlendResult } from '@bent-pail/core';
import type { EntityManager } from 'typeorm';
import { AT_A_TIME, byPages, type Wanted } from '../exports/table';

/** A kept version with its lines as they are called, and what it was predicted to be. */
export interface VersionToTell {
  readonly id: string;
  readonly blend: string;
  readonly n: number;
  readonly keptAt: Date;
  readonly by: string;
  readonly reason: string | null;
  readonly pot: string;
  readonly method: string;
  readonly lines: readonly { readonly what: string; readonly parts: number; readonly job: string | null }[];
  readonly result: BlendResult;
}

/** Every version of the blends, some at a time. */
export const versionsToTell = (manager: EntityManager, { blend }: Wanted): AsyncGenerator<readonly VersionToTell[]> =>
  byPages((after) =>
    manager.query<VersionToTell[]>(
      `select v.id, b.name as blend, v.n, v.kept_at as "keptAt", u.name as by, v.reason, v.recipe ->> 'potName' as pot, v.method,
         v.result, (select json_agg(json_build_object('parts', (f.line ->> 'parts')::float8, 'job', f.line ->> 'job',
           'what', coalesce(concat_ws(', ', m.name, l.code), '') || coalesce(i.name || ', version ' || (f.line #>> '{blend,n}'), ''))
           order by f.place)
          from jsonb_array_elements(v.recipe -> 'lines') with ordinality f (line, place)
            left join lots l on l.id::text = f.line ->> 'lotId' left join materials m on m.id = l.material_id
            left join blends i on i.id::text = f.line #>> '{blend,id}') as lines
       from blend_versions v join blends b on b.id = v.blend_id join users u on u.id = v.by_user
       where v.id > $1 and ($2::uuid[] is null or b.id = any ($2)) order by v.id limit ${String(AT_A_TIME.runs)}`,
      [after, blend ?? null],
    ),
  );
