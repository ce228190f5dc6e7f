// The rooms of the server stand in no circle; tests, which start the whole of it, are not looked at.
const { options } = require('./.dependency-cruiser.cjs');

module.exports = {
  forbidden: [
    {
      name: 'rooms-of-the-server-in-no-circle',
      severity: 'error',
      scope: 'folder',
      from: { path: '^server/src/[^/]+$' },
      to: { circular: true },
    },
  ],
  options: { ...options, exclude: { path: '/dist/|/testing/|\\.test\\.ts$' } },
};
