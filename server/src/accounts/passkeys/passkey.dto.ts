import { ApiProperty } from '@nestjs/swagger';
import { IsObject } from 'class-validator';

/** A passkey of one's own. */
export class Passkey {
  @ApiProperty() readonly id!: string;
  @ApiProperty({ description: 'What the browser called itself when it was made' })
  readonly device!: string;
  @ApiProperty({ description: 'The address it is for' }) readonly site!: string;
  @ApiProperty() readonly createdAt!: string;
  @ApiProperty({ type: String, nullable: true }) readonly usedAt!: string | null;
}

/** What a browser asks its device, as WebAuthn level 3 writes it in JSON. */
export class PasskeyQuestion {
  @ApiProperty({ type: 'object', additionalProperties: true })
  readonly options!: Record<string, unknown>;
}

export class PasskeyAnswer {
  @ApiProperty({
    type: 'object',
    additionalProperties: true,
    description: 'What the device answered, as WebAuthn level 3 writes it in JSON',
  })
  @IsObject()
  readonly response!: Record<string, unknown>;
}
