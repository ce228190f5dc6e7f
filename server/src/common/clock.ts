import { Injectable } from '@nestjs/common';

/** What time it is; a test or a demo gives another. */
@Injectable()
export class Clock {
  now(): Date {
    return new Date();
  }

  /** Now, as the text the store keeps. */
  text(): string {
    return this.now().toISOString();
  }
}
