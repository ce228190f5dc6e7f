import type { OpenAPIObject } from '@nestjs/swagger';

/** The shapes that a document of the API describes, by name. */
export type Schemas = NonNullable<NonNullable<OpenAPIObject['components']>['schemas']>;
