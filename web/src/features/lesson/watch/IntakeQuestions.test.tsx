import { fireEvent, render, screen, within } from '@testing-library/react';
import type { IntakeAnswers, IntakeColumn, IntakeResult } from '../../../api/client.ts';
import { IntakeQuestions } from './IntakeQuestions.tsx';

const column = (index: number, header: string, change: Partial<IntakeColumn> = {}): IntakeColumn =>
  ({ index, header, meaning: null, unit: null, examples: ['1', '2'], ...change }) as IntakeColumn;

function ask(
  questions: readonly { kind: string; text: string }[],
  columns: readonly IntakeColumn[],
): IntakeAnswers[] {
  const sent: IntakeAnswers[] = [];
  const result = { outcome: 'questions', questions, columns } as unknown as IntakeResult;
  render(
    <IntakeQuestions
      fileName="range.csv"
      result={result}
      onAnswer={(answers) => sent.push(answers)}
      onLeaveOut={() => undefined}
    />,
  );
  return sent;
}
const send = () => fireEvent.click(screen.getByRole('button', { name: 'Bring the file in' }));
const questions = () => screen.getByRole('region', { name: 'Questions about the file' });

describe('what a file leaves open', () => {
  it('is said in the words of the question, with the file’s name', () => {
    ask([{ kind: 'signs', text: 'Is plus right of the target?' }], []);
    expect(questions()).toHaveTextContent('“range.csv” leaves something open');
    expect(questions()).toHaveTextContent('Is plus right of the target?');
    expect(questions()).toHaveTextContent('kept for the next file with these columns');
  });

  it('asks for signs only where they are open, and sends what was chosen', () => {
    const sent = ask([{ kind: 'signs', text: 'Signs?' }], [column(0, 'Path')]);
    expect(screen.queryByRole('group', { name: 'The comma is' })).toBeNull();
    fireEvent.click(screen.getByLabelText('Everything turns with the hand'));
    send();
    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({ signs: 'hand-all' });
    expect(sent[0]).not.toHaveProperty('decimal');
  });

  it('asks for the comma only where it is open', () => {
    const sent = ask([{ kind: 'decimal', text: 'Comma?' }], []);
    expect(screen.queryByRole('group', { name: 'Plus and minus' })).toBeNull();
    fireEvent.click(screen.getByLabelText('a decimal comma'));
    send();
    expect(sent[0]).toMatchObject({ decimal: 'comma' });
    expect(sent[0]).not.toHaveProperty('signs');
  });

  it('offers the units of what a column holds, and forgets the unit when the meaning changes', () => {
    const sent = ask(
      [{ kind: 'unit', text: 'Which unit is Carry in?' }],
      [column(0, 'Carry', { meaning: 'carryM' }), column(1, 'Remark')],
    );
    const unit = screen.getByLabelText('Unit');
    expect(
      within(unit)
        .getAllByRole('option')
        .map((o) => o.textContent),
    ).toEqual(expect.arrayContaining(['choose', 'm', 'yd']));
    fireEvent.change(unit, { target: { value: 'yd' } });
    send();
    expect(sent[0]!.columns).toEqual([
      { header: 'Carry', meaning: 'carryM', unit: 'yd' },
      { header: 'Remark', meaning: null, unit: null },
    ]);
    fireEvent.change(screen.getByLabelText('What “Carry” holds'), {
      target: { value: 'clubSpeedMps' },
    });
    send();
    expect(sent[1]!.columns![0]).toEqual({ header: 'Carry', meaning: 'clubSpeedMps', unit: null });
  });

  it('leaves a column out, and gives a club no unit', () => {
    const sent = ask(
      [{ kind: 'columns', text: 'What is Mystery?' }],
      [column(0, 'Mystery', { meaning: 'carryM', unit: 'm' })],
    );
    const holds = screen.getByLabelText('What “Mystery” holds');
    fireEvent.change(holds, { target: { value: 'club' } });
    expect(screen.queryByLabelText('Unit')).toBeNull();
    fireEvent.change(holds, { target: { value: '' } });
    send();
    expect(sent[0]!.columns).toEqual([{ header: 'Mystery', meaning: null, unit: null }]);
  });

  it('names a column without a name by its place', () => {
    ask([{ kind: 'columns', text: '?' }], [column(2, '')]);
    expect(screen.getByText('Column 3')).toBeInTheDocument();
  });
});
