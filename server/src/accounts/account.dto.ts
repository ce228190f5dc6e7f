import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Transform } from 'class-transformer';
import {
  IsBoolean,
  IsEmail,
  IsIn,
  IsInt,
  IsOptional,
  IsNotEmpty,
  IsString,
  Length,
  Max,
  MaxLength,
  Min,
  ValidateBy,
} from 'class-validator';
import { IfGiven } from '../common/given.ts';
import { OneLine } from '../common/one-line.ts';
import { trimmed } from '../common/trimmed.ts';
import { ROLES } from '../common/scope.ts';
import type { Role } from '../common/scope.ts';
import { ABILITIES } from '../door/abilities.ts';
import type { Ability } from '../door/abilities.ts';
import { MOST_IDLE_HOURS } from './cookie.ts';
import { GONE_MONTHS_RANGE, PASSWORD_LENGTH, PERSONAL_READERS, isZone } from '@loxos/core';
import type { PersonalReaders } from '@loxos/core';

const NAME_LENGTH = 80;
const EMAIL_LENGTH = 254;
const TOKEN_LENGTH = 100;
const CODE_LENGTH = 40;

const Name =
  (what: string): PropertyDecorator =>
  (target, key) => {
    trimmed(target, key);
    IsString()(target, key);
    IsNotEmpty({ message: `${String(key)}: write ${what}` })(target, key);
    MaxLength(NAME_LENGTH)(target, key);
    OneLine()(target, key);
  };

const Email = (): PropertyDecorator => (target, key) => {
  Transform(({ value }: { value: unknown }) =>
    typeof value === 'string' ? value.trim().toLowerCase() : value,
  )(target, key);
  IsEmail({}, { message: 'email: write an e-mail address, such as coach@example.org' })(
    target,
    key,
  );
  MaxLength(EMAIL_LENGTH)(target, key);
};

const Password = (): PropertyDecorator => (target, key) => {
  const { min, max } = PASSWORD_LENGTH;
  Length(min, max, { message: `${String(key)}: use at least ${min} characters` })(target, key);
};

/** A password that is tried: any text, so that a refusal says nothing of the rule. */
const Tried = (): PropertyDecorator => (target, key) => {
  IsString()(target, key);
  MaxLength(PASSWORD_LENGTH.max)(target, key);
};

const Zone = (): PropertyDecorator => (target, key) => {
  ApiPropertyOptional({ description: 'The time zone of its days, such as `Europe/London`' })(
    target,
    key,
  );
  IfGiven()(target, key);
  ValidateBy({
    name: 'isZone',
    validator: {
      validate: isZone,
      defaultMessage: () => 'zone: name a time zone, such as Europe/London',
    },
  })(target, key);
};

export class Found {
  @ApiProperty() @Name('the academy’s name') readonly academy!: string;
  @ApiProperty() @Name('your name') readonly name!: string;
  @ApiProperty() @Email() readonly email!: string;
  @ApiProperty() @Password() readonly password!: string;
  @Zone() readonly zone?: string;
}

export class SignIn {
  @ApiProperty() @Email() readonly email!: string;
  @ApiProperty() @Tried() readonly password!: string;
  @ApiPropertyOptional({ description: 'Of the phone, or a recovery code, where codes are on' })
  @IfGiven()
  @IsString()
  @MaxLength(CODE_LENGTH)
  readonly code?: string;
}

export class UseKey {
  @ApiProperty() @IsString() @MaxLength(TOKEN_LENGTH) readonly key!: string;
}

export class ChangePassword {
  @ApiProperty({ description: 'The password until now' }) @Tried() readonly password!: string;
  @ApiProperty() @Password() readonly next!: string;
}

export class ChangeAccount {
  @ApiProperty() @Name('your name') readonly name!: string;
}

export class ChangeAcademy {
  @ApiPropertyOptional() @IfGiven() @Name('the academy’s name') readonly name?: string;
  @Zone() readonly zone?: string;
  @ApiPropertyOptional({
    minimum: 1,
    maximum: MOST_IDLE_HOURS,
    description: 'Hours after which a browser that is not used is signed out',
  })
  @IfGiven()
  @IsInt({ message: 'idleHours: a whole number of hours' })
  @Min(1)
  @Max(MOST_IDLE_HOURS)
  readonly idleHours?: number;

  @ApiPropertyOptional({
    enum: PERSONAL_READERS,
    description: 'Who reads body notes and what players write back',
  })
  @IfGiven()
  @IsIn(PERSONAL_READERS)
  readonly personalFor?: PersonalReaders;

  @ApiPropertyOptional({
    type: Number,
    nullable: true,
    minimum: GONE_MONTHS_RANGE[0],
    maximum: GONE_MONTHS_RANGE[1],
    description: 'Months without a lesson after which a player is long gone; null for never',
  })
  @IsOptional()
  @IsInt({ message: 'goneMonths: a whole number of months' })
  @Min(GONE_MONTHS_RANGE[0])
  @Max(GONE_MONTHS_RANGE[1])
  readonly goneMonths?: number | null;
}

export class Invite {
  @ApiProperty({ enum: ROLES }) @IsIn(ROLES) readonly role!: Role;
  @ApiProperty() @Name('who it is for') readonly name!: string;
}

export class ChangePerson {
  @ApiPropertyOptional({ enum: ROLES }) @IfGiven() @IsIn(ROLES) readonly role?: Role;
  @ApiPropertyOptional({ description: 'False ends their sessions, and they cannot sign in' })
  @IfGiven()
  @IsBoolean()
  readonly mayEnter?: boolean;
}

export class TakeLink {
  @ApiPropertyOptional({ description: 'For an invitation' })
  @IfGiven()
  @Name('your name')
  readonly name?: string;
  @ApiPropertyOptional({ description: 'For an invitation' })
  @IfGiven()
  @Email()
  readonly email?: string;
  @ApiProperty() @Password() readonly password!: string;
}

/** Whether there is an academy to sign in to. */
export class DoorState {
  @ApiProperty() readonly isFounded!: boolean;
  @ApiProperty({ description: 'A demo: its one button signs in' }) readonly isDemo!: boolean;
}

export class Account {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty() readonly email!: string;
  @ApiProperty({ enum: ROLES }) readonly role!: Role;
  @ApiProperty({ enum: ABILITIES, isArray: true, description: 'What the role lets them do' })
  readonly may!: Ability[];
  @ApiProperty() readonly academyId!: string;
  @ApiProperty() readonly academy!: string;
  @ApiProperty({
    type: String,
    nullable: true,
    description: 'The time zone of the academy’s days; null until somebody said',
  })
  readonly zone!: string | null;
  @ApiProperty({ description: 'Hours after which a browser that is not used is signed out' })
  readonly idleHours!: number;
  @ApiProperty({
    enum: PERSONAL_READERS,
    description: 'Who reads body notes and what players write back',
  })
  readonly personalFor!: PersonalReaders;
  @ApiProperty({
    type: Number,
    nullable: true,
    description: 'Months without a lesson after which a player is long gone; null for never',
  })
  readonly goneMonths!: number | null;
}

export class SignedIn {
  @ApiProperty() readonly id!: string;
  @ApiProperty({ description: 'What the browser calls itself' }) readonly device!: string;
  @ApiProperty() readonly createdAt!: string;
  @ApiProperty() readonly seenAt!: string;
  @ApiProperty({ description: 'The browser that asks' }) readonly isThis!: boolean;
}

export class Person {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiPropertyOptional({ description: 'For the owner alone' }) readonly email?: string;
  @ApiProperty({ enum: ROLES }) readonly role!: Role;
  @ApiProperty() readonly mayEnter!: boolean;
}

export class Invitation {
  @ApiProperty() readonly id!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty({ enum: ROLES }) readonly role!: Role;
  @ApiProperty() readonly expiresAt!: string;
}

export class NewLink {
  @ApiProperty() readonly id!: string;
  @ApiProperty({ description: 'Shown once: only its hash is kept' }) readonly token!: string;
  @ApiProperty({ description: 'Whom it is for; empty for oneself' }) readonly name!: string;
  @ApiProperty() readonly expiresAt!: string;
}

/** What a link is for, to whoever holds it. */
export class OpenLink {
  @ApiProperty({ enum: ['invitation', 'reset'] }) readonly kind!: 'invitation' | 'reset';
  @ApiProperty() readonly academy!: string;
  @ApiProperty() readonly name!: string;
  @ApiProperty({ enum: ROLES }) readonly role!: Role;
}
