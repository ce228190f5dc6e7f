import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import type { OpenAPIObject } from '@nestjs/swagger';
import { Problem } from '../common/problem.ts';
import { IntakeAnswers } from '../intake/intake.dto.ts';
import { CORE_SCHEMAS } from './core-schemas.gen.ts';

type Answers = NonNullable<NonNullable<OpenAPIObject['components']>['responses']>;

const isProblem = (answer: unknown): boolean =>
  JSON.stringify(answer).includes('#/components/schemas/Problem');

/** `Needs the right to plan` → `NeedsTheRightToPlan`, with its status. */
const nameOf = (status: string, { description = '' }: { readonly description?: string }): string =>
  `Problem${status}${description
    .replace(/[^A-Za-z ]/g, '')
    .split(' ')
    .map((word) => word.charAt(0).toUpperCase() + word.slice(1))
    .join('')}`;

/** Says each way to refuse once, wherever it is answered. */
function withSharedProblems(document: OpenAPIObject): OpenAPIObject {
  const shared: Answers = {};
  for (const path of Object.values(document.paths)) {
    for (const operation of [path.get, path.put, path.post, path.patch, path.delete]) {
      for (const [status, answer] of Object.entries(operation?.responses ?? {})) {
        if (answer === undefined || !isProblem(answer)) continue;
        const name = nameOf(status, answer as { description?: string });
        shared[name] = answer;
        operation!.responses[status] = { $ref: `#/components/responses/${name}` };
      }
    }
  }
  return { ...document, components: { ...document.components, responses: shared } };
}

/** Returns the document of the API: its own classes, and the shapes of core that answers hold as they are. */
export function describeApi(app: NestExpressApplication): OpenAPIObject {
  const builder = new DocumentBuilder()
    .setTitle('Loxos')
    .setDescription(
      'Lengths in metres, speeds in m/s, angles in degrees, positive right of the target line.',
    )
    .setVersion('1');
  const document = SwaggerModule.createDocument(app, builder.build(), {
    extraModels: [Problem, IntakeAnswers],
    operationIdFactory: (controller, method) =>
      `${controller.replace('Controller', '').toLowerCase()}_${method}`,
  });
  const { components } = withSharedProblems(document);
  const schemas = { ...components?.schemas, ...CORE_SCHEMAS };
  return { ...document, components: { ...components, schemas } };
}
