import { UNIT_CHOICES, type UnitChoice } from '@bent-pail/core';
import { IsBoolean, IsIn, IsString, IsUUID, Length } from 'class-validator';
import { IsWords, Nested, Optional } from './decorators';
import { IsNewPassword } from './passwords';
import type { NotebookInfo } from './notebook';
import { ROLES, type Role } from './roles';

export class SignIn {
  @IsWords(80, 'Type your name.')
  name!: string;

  @IsString({ message: 'Type your password.' })
  @Length(1, 200, { message: 'Type your password.' })
  password!: string;
}

/** One click into a demo: by name, or as its lead. */
export class DemoSignIn {
  @Optional()
  @IsWords(80, 'Name somebody of the demo.')
  name?: string;
}

/** The first lead of an empty notebook. */
export class FirstLead {
  @IsWords(80, 'Type a name of 1 to 80 letters.')
  name!: string;

  @IsNewPassword()
  password!: string;

  @IsWords(80, 'Name the place, in 1 to 80 letters.')
  place!: string;
}

export class NewUser {
  @IsUUID('all', { message: 'The id must be a UUID.' })
  id!: string;

  @IsWords(80, 'Type a name of 1 to 80 letters.')
  name!: string;

  @IsIn(ROLES, { message: `The role must be one of ${ROLES.join(', ')}.` })
  role!: Role;

  @IsNewPassword()
  password!: string;
}

const IsUnitOf = (kind: keyof UnitChoice, what: string): PropertyDecorator =>
  IsIn(UNIT_CHOICES[kind], { message: `${what} is shown in ${UNIT_CHOICES[kind].join(', or ')}.` });

/** The units that a person reads and types in. */
export class ChosenUnits implements UnitChoice {
  @IsUnitOf('volume', 'A volume')
  volume!: UnitChoice['volume'];

  @IsUnitOf('mass', 'A weight')
  mass!: UnitChoice['mass'];

  @IsUnitOf('length', 'A length')
  length!: UnitChoice['length'];

  @IsUnitOf('temperature', 'A temperature')
  temperature!: UnitChoice['temperature'];

  @IsUnitOf('conductivity', 'A conductivity')
  conductivity!: UnitChoice['conductivity'];

  @IsUnitOf('price', 'A price')
  price!: UnitChoice['price'];
}

/** What somebody sets for oneself; what is not named stays. */
export class EditMe {
  @Optional()
  @IsIn([true, false], { message: 'Single keys are on or off.' })
  singleKeys?: boolean;

  @Optional()
  @Nested(() => ChosenUnits, 'Choose a unit for each kind of measure.')
  units?: ChosenUnits;
}

/** Another password for oneself. */
export class ChangePassword {
  @IsString({ message: 'Type your present password.' })
  @Length(1, 200, { message: 'Type your present password.' })
  present!: string;

  @IsNewPassword()
  password!: string;
}

/** What the lead changes about somebody; what is not named stays. */
export class EditUser {
  @Optional()
  @IsIn(ROLES, { message: `The role must be one of ${ROLES.join(', ')}.` })
  role?: Role;

  /** Somebody who is switched off stays in the notebook's history and cannot sign in. */
  @Optional()
  @IsBoolean({ message: 'Say whether this person may sign in.' })
  active?: boolean;

  /** A new first password, where the old one was forgotten. */
  @Optional()
  @IsNewPassword()
  password?: string;
}

/** Where somebody is signed in. */
export interface SessionRow {
  /** By which it can be ended; not the id that opens it. */
  readonly key: string;
  readonly since: string;
  /** Browser and system, as the browser said; empty where it did not. */
  readonly device: string;
  readonly isThis: boolean;
}

/** Who is signed in, as everyone may know it of oneself. */
export interface Me {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly singleKeys: boolean;
  readonly units: UnitChoice;
}

/** What the door needs to know before anyone has signed in. */
export interface SessionState {
  readonly me?: Me;
  readonly notebook: NotebookInfo;
  /** Demo data was loaded, so one click may sign in as the demo lead. */
  readonly demo: boolean;
  /** No user yet: the first lead's password is asked for. */
  readonly needsFirstLead: boolean;
  /** The server's clock, ms since 1970. */
  readonly now: number;
  /** Where phones find this notebook on the house's network; absent where it is on this computer only. */
  readonly networkAddress?: string;
}

export interface UserRow {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  readonly active: boolean;
}
