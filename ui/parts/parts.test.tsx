import { fireEvent, render, screen } from '@testing-library/react-native';
import { Adjuster } from './Adjuster';
import { Choices, Picks } from './Buttons';
import { FoundChoice } from './FoundChoice';
import { Disclosure } from './Disclosure';
import { Say } from './Say';
import { Tile } from './Tile';

// No page's scripts are read in here: the field is there at once.
jest.mock('./TextField', () => ({
  TextField: jest.requireActual<typeof import('react-native-paper')>('react-native-paper').TextInput,
}));

test('a tile says its value and that it is assumed, and opens', () => {
  const press = jest.fn();
  render(<Tile name="clarity" value="3½ ft" assumed onPress={press} />);
  fireEvent.press(screen.getByLabelText('clarity: 3½ ft, assumed. Change'));
  expect(press).toHaveBeenCalledTimes(1);
});

test('an adjuster steps both ways and can forget', () => {
  const less = jest.fn();
  const more = jest.fn();
  const clear = jest.fn();
  render(<Adjuster label="Depth" text="6 ft" onLess={less} onMore={more} onClear={clear} />);
  fireEvent.press(screen.getByLabelText('Depth: less'));
  fireEvent.press(screen.getByLabelText('Depth: more'));
  fireEvent.press(screen.getByText('Not read'));
  expect([less, more, clear].map((f) => f.mock.calls.length)).toEqual([1, 1, 1]);
});

test('choices report what was chosen', () => {
  const change = jest.fn();
  render(
    <Choices
      label="Fish"
      options={[
        { value: 'a', title: 'A' },
        { value: 'b', title: 'B' },
      ]}
      value="a"
      onChange={change}
    />,
  );
  fireEvent.press(screen.getByLabelText('B'));
  expect(change).toHaveBeenCalledWith('b');
});

test('of two quick taps the second builds on the first, though what is shown has not followed yet', () => {
  const onChange = jest.fn();
  const options = ['sound', 'buzz', 'counts'].map((value) => ({ value, title: value }));
  const picks = (value: string[]) => <Picks label="Besides" options={options} value={value} onChange={onChange} />;
  render(picks(['sound', 'buzz']));
  const tap = (name: string) => fireEvent.press(screen.getByRole('checkbox', { name }));
  tap('sound');
  tap('buzz');
  expect(onChange.mock.calls).toEqual([[['buzz']], [[]]]);
  // What is shown has followed, and was changed from elsewhere: that counts.
  screen.rerender(picks([]));
  screen.rerender(picks(['counts']));
  tap('sound');
  expect(onChange).toHaveBeenLastCalledWith(['counts', 'sound']);
});

test('one of many is found by a word of its name, and what is not there is said', () => {
  const onChange = jest.fn();
  const options = Array.from({ length: 12 }, (_, i) => ({ value: `v${i}`, title: `Lure ${i}` }));
  render(<FoundChoice label="Which" options={options} value="v11" onChange={onChange} />);
  expect(screen.getAllByRole('radio')).toHaveLength(6);
  // What is chosen stands before the others.
  expect(screen.getByRole('radio', { name: 'Lure 11' })).toBeTruthy();
  const find = screen.getByLabelText('Find by a word: Which');
  fireEvent.changeText(find, 'lure 9');
  fireEvent.press(screen.getByRole('radio', { name: 'Lure 9' }));
  expect(onChange).toHaveBeenCalledWith('v9');
  fireEvent.changeText(find, 'boat');
  expect(screen.getByText('Nothing here is called “boat”.')).toBeTruthy();
});

test('reasons open on a touch', () => {
  render(
    <Disclosure title="Why?">
      <Say>Because.</Say>
    </Disclosure>,
  );
  expect(screen.queryByText('Because.')).toBeNull();
  fireEvent.press(screen.getByLabelText('Why?'));
  expect(screen.getByText('Because.')).toBeTruthy();
});
