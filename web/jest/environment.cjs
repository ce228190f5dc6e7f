// jsdom with what it lacks, from Node.
const { TestEnvironment } = require('jest-environment-jsdom');

module.exports = class extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, {
      TextEncoder,
      TextDecoder,
      structuredClone,
      fetch,
      Request,
      Response,
      Headers,
      Blob,
      File,
      FormData,
    });
  }
};
