import type { MigrationInterface, QueryRunner } from 'typeorm';

/**
 * Pupils have no accounts any more: a group of a class has a link. Whoever was a student is switched off, and what was
 * measured by them keeps the name of the group that it was given to.
 */
export class NoStudents1768400000000 implements MigrationInterface {
  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`
      update runs r set group_name = coalesce(r.group_name, left(u.name, 60)) from users u where u.id = r.student_id;
      alter table runs drop column student_id;
      update users set role = 'reader', archived_at = coalesce(archived_at, now()), sessions_from = now() where role = 'student';
      alter table users drop constraint users_role_check,
        add constraint users_role_check check (role in ('lead', 'tester', 'panellist', 'reader'));
    `);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`
      alter table users drop constraint users_role_check,
        add constraint users_role_check check (role in ('lead', 'tester', 'panellist', 'student', 'reader'));
      alter table runs add column student_id uuid references users (id);
    `);
  }
}
