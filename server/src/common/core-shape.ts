import { ApiProperty } from '@nestjs/swagger';

/** Shapes that core defines and answers hold as they are; what each looks like is generated from its type (`npm run api`). */
export const CORE_SHAPES = [
  'DrillEffect',
  'MovedOverAll',
  'PageContent',
  'PagePeriod',
  'PlayerRecord',
  'ReportDraft',
  'Standing',
] as const;
export type CoreShape = (typeof CORE_SHAPES)[number];

/** Returns where the document of the API has a shape of core. */
export const coreRef = (shape: CoreShape): { readonly $ref: string } => ({
  $ref: `#/components/schemas/Core.${shape}`,
});

interface How {
  readonly isList?: boolean;
  readonly isNullable?: boolean;
  readonly isOptional?: boolean;
  readonly description?: string;
}

/** A property that holds a shape of core. */
export const OfCore = (
  shape: CoreShape,
  { isList = false, isNullable = false, isOptional = false, ...said }: How = {},
): PropertyDecorator =>
  isList
    ? ApiProperty({ type: 'array', items: coreRef(shape), ...said })
    : ApiProperty({
        allOf: [coreRef(shape)],
        nullable: isNullable,
        required: !isOptional,
        ...said,
      });
