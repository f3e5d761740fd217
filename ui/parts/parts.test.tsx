import { fireEvent, render, screen } from '@testing-library/react-native';
import { Adjuster } from './Adjuster';
import { Choices } from './Buttons';
import { Disclosure } from './Disclosure';
import { Say } from './Say';
import { Tile } from './Tile';

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
