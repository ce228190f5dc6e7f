import { reportLine } from './policy-reports.controller.ts';

const report = (more: object) => ({
  'csp-report': { 'document-uri': 'http://a.example/', ...more },
});

describe('what a browser says of the policy', () => {
  it('comes to a line: which rule, what, and where', () => {
    expect(
      reportLine(
        report({
          'effective-directive': 'script-src-elem',
          'blocked-uri': 'http://b.example/x.js?q=1',
        }),
      ),
    ).toBe('kept back by script-src-elem: http://b.example/x.js in http://a.example/');
  });

  it('tells no token of a page', () => {
    const line = reportLine(report({ 'document-uri': 'http://a.example/p/secret-token' }));
    expect(line).toContain('/p/…');
    expect(line).not.toContain('secret');
  });

  it.each([{ 'effective-directive': 'a\nb "c"' }, { 'blocked-uri': 'x\ny' }, { 'blocked-uri': 7 }])(
    'stays one line, whatever comes: %p',
    (more) => expect(reportLine(report(more))).not.toMatch(/[\n"]/),
  );

  it.each([{}, null, { 'csp-report': 'x' }, { 'csp-report': null }])('is none: %p', (body) =>
    expect(reportLine(body)).toBeNull(),
  );
});
