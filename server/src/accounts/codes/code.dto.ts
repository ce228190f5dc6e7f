import { ApiProperty } from '@nestjs/swagger';
import { IsString, Matches, MaxLength } from 'class-validator';
import { PASSWORD_LENGTH } from '@loxos/core';

/** Whether one's sign-in asks for a code of a phone besides the password. */
export class CodesState {
  @ApiProperty() readonly isOn!: boolean;
  @ApiProperty({ description: 'Recovery codes that were not used yet' }) readonly left!: number;
}

/** What a phone's app makes codes from; kept only once a code of it has come. */
export class CodesOffer {
  @ApiProperty({ description: 'To scan' }) readonly uri!: string;
  @ApiProperty({ description: 'To type' }) readonly secret!: string;
}

export class ConfirmCodes {
  @ApiProperty()
  @IsString()
  @Matches(/^\s*(?:\d\s*){6}$/, { message: 'code: write the six figures the app shows' })
  readonly code!: string;
}

export class RecoveryCodes {
  @ApiProperty({ type: [String], description: 'Shown once: only their hashes are kept' })
  readonly codes!: string[];
}

export class EndCodes {
  @ApiProperty() @IsString() @MaxLength(PASSWORD_LENGTH.max) readonly password!: string;
}
