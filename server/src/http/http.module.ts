import { Module } from '@nestjs/common';
import { ApiDocument, ApiDocumentController } from './api-document.controller.ts';
import { PolicyReportsController } from './policy-reports.controller.ts';

/** The API’s document, and what browsers report. */
@Module({
  controllers: [PolicyReportsController, ApiDocumentController],
  providers: [ApiDocument],
})
export class HttpModule {}
