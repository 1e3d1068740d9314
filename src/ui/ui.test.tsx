import { fireEvent, render, screen } from '@testing-library/react-native';
import { Choice, Field, Slip, Tape } from '.';

describe('the design system', () => {
  it('a slip that leads somewhere speaks its state, place and figure in one label', () => {
    render(<Slip state="setting" title="Screed" note="Bakehouse" figure="3 d 6 h" href="/today" />);
    expect(screen.getByLabelText('setting, Screed, Bakehouse, 3 d 6 h')).toBeTruthy();
  });

  it('a field keeps what was typed beside its error', () => {
    const typed = jest.fn();
    render(
      <Field label="Length" value="big" error="“big” is not a length." onChangeText={typed} />,
    );
    expect(screen.getByLabelText('Length').props.value).toBe('big');
    expect(screen.getByText('“big” is not a length.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Length'), "12'");
    expect(typed).toHaveBeenCalledWith("12'");
  });

  it('a choice tells which one is on, and what was pressed', () => {
    const chosen = jest.fn();
    const options = [
      { value: 'day', label: 'day' },
      { value: 'night', label: 'night' },
    ] as const;
    render(<Choice label="Theme" value="day" options={options} onChange={chosen} />);
    expect(screen.getByRole('radio', { name: 'day', checked: true })).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'night' }));
    expect(chosen).toHaveBeenCalledWith('night');
  });

  it('a tape says its days in words, whatever its width', () => {
    render(<Tape ticks={[]} marks={[]} spoken="Likely Sat 14 Mar" />);
    expect(screen.getByLabelText('Likely Sat 14 Mar')).toBeTruthy();
  });
});
