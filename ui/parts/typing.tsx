/** What is typed into and the calendar, in one piece: they share the library's field, and no first page needs it. */
import type { ComponentProps } from 'react';
import { TextInput } from 'react-native-paper';

export { DateDialog } from './DateDialog';

export const Input = (props: ComponentProps<typeof TextInput>) => <TextInput {...props} />;
