import type { VesselKind } from '@bent-pail/contract';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The fillings of its vessels that a finished run stands on; the newest stamp counts. */
@Entity('run_stamps')
export class RunStampEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'run_id' })
  runId!: string;
  @Column('uuid', { name: 'filling_ids', array: true })
  fillingIds!: string[];
  /** Why newer fillings were taken up; nothing on the stamp of finishing. */
  @Column('text', { nullable: true })
  reason!: string | null;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

@Entity('vessels')
export class VesselEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('text')
  name!: string;
  @Column('text')
  kind!: VesselKind;
  @Column('double precision', { name: 'height_cm', nullable: true })
  height_cm!: number | null;
  @Column('double precision', { name: 'top_diameter_cm', nullable: true })
  topDiameter_cm!: number | null;
  @Column('double precision', { name: 'base_diameter_cm', nullable: true })
  baseDiameter_cm!: number | null;
  @Column('timestamptz', { name: 'created_at' })
  createdAt!: Date;
  /** Put away: it is offered no more. */
  @Column('timestamptz', { name: 'archived_at', nullable: true })
  archivedAt!: Date | null;
}

@Entity('vessel_fillings')
export class FillingEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'vessel_id' })
  vesselId!: string;
  /** On a scale: the three together; else `jug_mL`. */
  @Column('double precision', { nullable: true })
  empty_g!: number | null;
  @Column('double precision', { nullable: true })
  full_g!: number | null;
  @Column('double precision', { name: 'water_temp_c', nullable: true })
  waterTemp_C!: number | null;
  @Column('double precision', { name: 'volume_ml', nullable: true })
  jug_mL!: number | null;
  /** Nobody knows for fillings of before authors were kept. */
  @Column('uuid', { name: 'by_user', nullable: true })
  byUser!: string | null;
  @Column('uuid', { nullable: true })
  corrects!: string | null;
  @Column('text', { nullable: true })
  reason!: string | null;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}

/** A filling that counts no more, with the reason. */
@Entity('filling_exclusions')
export class FillingExclusionEntity {
  @PrimaryColumn('uuid')
  id!: string;
  @Column('uuid', { name: 'filling_id' })
  fillingId!: string;
  @Column('text')
  reason!: string;
  @Column('uuid', { name: 'by_user' })
  byUser!: string;
  @Column('timestamptz', { name: 'kept_at' })
  keptAt!: Date;
}
