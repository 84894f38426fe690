import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Tables whose rows may be edited, and which columns of theirs somebody may ask about later. */
const EDITED: Readonly<Record<string, readonly string[]>> = {
  materials: ['name', 'kind', 'class_id', 'aliases', 'archived_at'],
  lots: [
    'code',
    'source',
    'grade',
    'bought_on',
    'price',
    'pack_volume_l',
    'pack_weight_kg',
    'opens_to',
    'opens_to_by',
    'state',
    'label_ingredients',
    'label_analysis',
    'class_id',
    'archived_at',
  ],
  blends: ['archived_at'],
  scorecards: ['archived_at'],
  filled_pots: ['archived_at'],
  pot_results: ['archived_at'],
  vessels: ['name', 'height_cm', 'top_diameter_cm', 'base_diameter_cm', 'archived_at'],
  users: ['name', 'role', 'archived_at', 'password_hash'],
  notebook: ['place', 'currency', 'zone', 'measures', 'hours', 'handfuls'],
  places: ['name', 'months', 'windy', 'stands_on', 'soil', 'hardness'],
  suppliers: ['name', 'kind', 'permission', 'permission_until', 'note'],
  guides: ['content'],
};

/**
 * Of rows that may be edited, what stood there before: by whom, when, from what to what. A table's triggers name the
 * columns; of a column that holds an object, each field is one. Nothing of it can be changed.
 */
export class Edits1768100000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      create table edits (
        id uuid primary key,
        thing text not null,
        thing_id text not null,
        field text not null,
        old jsonb,
        new jsonb,
        by_user uuid references users (id),
        kept_at timestamptz not null
      );
      create index edits_kept_at on edits (kept_at desc);
      create trigger edits_stand before update or delete on edits for each row execute function refuse_change();
      create trigger edits_stand_all before truncate on edits for each statement execute function refuse_change();

      create function say_edit(thing text, thing_id text, field text, old jsonb, new jsonb) returns void language sql as $$
        insert into edits values (gen_random_uuid(), thing, thing_id, field, nullif(old, 'null'), nullif(new, 'null'),
          nullif(current_setting('bent_pail.author', true), '')::uuid,
          coalesce(nullif(current_setting('bent_pail.edited_at', true), '')::timestamptz, now()))
      $$;

      create function keep_edit() returns trigger language plpgsql as $$
      declare
        was jsonb := to_jsonb(old);
        shall jsonb := case when tg_op = 'UPDATE' then to_jsonb(new) end;
        col text;
        key text;
      begin
        if tg_op = 'DELETE' then
          -- What a notebook begins with makes room for a file: nobody did that.
          if not takes_in_quietly() then
            perform say_edit(tg_table_name, was ->> 'id', 'dropped.' || (was ->> 'kind'),
              coalesce(was #> '{content,label}', was #> '{content,name}'), null);
          end if;
          return null;
        end if;
        foreach col in array tg_argv loop
          continue when (was -> col) is not distinct from (shall -> col);
          if col = 'password_hash' then
            -- That it is another is told, and never what it was.
            perform say_edit(tg_table_name, was ->> 'id', 'password', null, null);
          elsif jsonb_typeof(was -> col) = 'object' then
            for key in select jsonb_object_keys((was -> col) || coalesce(shall -> col, '{}')) loop
              continue when (was -> col -> key) is not distinct from (shall -> col -> key);
              perform say_edit(tg_table_name, was ->> 'id', col || '.' || key, was -> col -> key, shall -> col -> key);
            end loop;
          else
            perform say_edit(tg_table_name, was ->> 'id', col, was -> col, shall -> col);
          end if;
        end loop;
        return null;
      end $$;
    `);
    for (const [table, columns] of Object.entries(EDITED)) {
      const named = columns.map((column) => `'${column}'`).join(', ');
      const events = table === 'guides' ? 'update or delete' : 'update';
      await runner.query(
        `create trigger ${table}_edited after ${events} on ${table} for each row execute function keep_edit(${named})`,
      );
    }
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of Object.keys(EDITED)) await runner.query(`drop trigger ${table}_edited on ${table}`);
    await runner.query(`
      drop function keep_edit();
      drop function say_edit(text, text, text, jsonb, jsonb);
      drop table edits;
    `);
  }
}
