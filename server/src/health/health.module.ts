import { Module } from '@nestjs/common';
import { HealthController } from './health.controller.ts';

/** Whether the server answers. */
@Module({
  controllers: [HealthController],
})
export class HealthModule {}
